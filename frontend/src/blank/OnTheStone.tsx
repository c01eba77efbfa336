/** Drawn on the stone while the blank is looked at: its measures as dimension lines, and where the centre may be. */
import type { Blank, Outline, Plan } from "../api/types";
import type { OverStone } from "../piece/overStone";
import type { Session } from "../piece/session";
import { type Point, toScreen } from "../stone/view";
import { MeasureField, measuresOf } from "./OutlineFields";
import { useBlankReport } from "./useBlankReport";
import { useTried } from "./useTried";

const AWAY_PX = 26;
const ASIDE_PX = 54;
const TICK_PX = 6;
const FIELD_PX = 104;

export function OnTheStone({ session, piece, plan, view, width, height }: OverStone) {
  const { tryBlank } = useTried(session);
  const report = useBlankReport(piece);
  const { outline } = piece.blank;
  const set = (change: (now: Outline) => Outline) =>
    tryBlank("Measure the outline", (now) => ({ outline: change(now.outline) }));
  const box = lieBox(plan);
  const at = (point: Point) => {
    const seen = toScreen(view, turned(point, plan.blank.lie));
    return { x: seen.x + width / 2, y: seen.y + height / 2 };
  };
  const away = AWAY_PX / view.scale;
  const aside = ASIDE_PX / view.scale;
  const lines = {
    across: [
      { x: box.left, y: box.low + away },
      { x: box.right, y: box.low + away },
    ],
    down: [
      { x: box.left - aside, y: box.top },
      { x: box.left - aside, y: box.low },
    ],
  } as const;
  const measured = measuresOf(outline).filter(([, fact]) => fact.along);
  const centre = report?.centre;
  return (
    <>
      <svg width={width} height={height} aria-hidden="true">
        {measured.map(([field, fact]) => {
          const [from, to] = lines[fact.along!].map(at) as [Point, Point];
          return <DimensionLine key={field} from={from} to={to} />;
        })}
        {centre &&
          !plan.blank.closed &&
          report.centres.map((one) => {
            const place = at({ x: one.x - centre.x, y: one.y - centre.y });
            const chosen = one.kind === piece.blank.centre.kind;
            return <path key={one.kind} className={chosen ? "centre-mark chosen" : "centre-mark"} d={cross(place)} />;
          })}
        {centre && <path className="centre-mark chosen" d={cross(at({ x: 0, y: 0 }))} />}
      </svg>
      {measured.map(([field, fact]) => {
        const [from, to] = lines[fact.along!].map(at) as [Point, Point];
        return (
          <span
            key={field}
            className="dimension-field"
            style={{ left: Math.max((from.x + to.x) / 2, FIELD_PX / 2), top: (from.y + to.y) / 2 }}
          >
            <MeasureField outline={outline} field={field} fact={fact} onChange={set} />
          </span>
        );
      })}
    </>
  );
}

function DimensionLine({ from, to }: { from: Point; to: Point }) {
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const nx = (-(to.y - from.y) / long) * TICK_PX;
  const ny = ((to.x - from.x) / long) * TICK_PX;
  return (
    <g className="dimension">
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
      {[from, to].map((end, k) => (
        <line key={k} x1={end.x - nx} y1={end.y - ny} x2={end.x + nx} y2={end.y + ny} />
      ))}
    </g>
  );
}

function cross({ x, y }: Point): string {
  return `M${x - 7} ${y}H${x + 7}M${x} ${y - 7}V${y + 7}`;
}

function turned({ x, y }: Point, degrees: number): Point {
  const a = (degrees * Math.PI) / 180;
  return { x: x * Math.cos(a) - y * Math.sin(a), y: x * Math.sin(a) + y * Math.cos(a) };
}

/** The box round the outline, upright as it was measured. */
function lieBox(plan: Plan) {
  const { x, y } = plan.blank.outline;
  const points = x.map((value, k) => turned({ x: value, y: y[k]! }, -plan.blank.lie));
  return {
    left: Math.min(...points.map((point) => point.x)),
    right: Math.max(...points.map((point) => point.x)),
    top: Math.min(...points.map((point) => point.y)),
    low: Math.max(...points.map((point) => point.y)),
  };
}

/** The centre put where the stone was touched, `at` being mm from the present centre. */
export function setCentre(session: Session, plan: Plan, at: Point): void {
  session.edit("Set the centre", (piece) => {
    const { centre } = piece.blank;
    if (centre.kind !== "point") return null;
    const by = turned(at, -plan.blank.lie);
    const moved: Blank["centre"] = { kind: "point", x: round(centre.x + by.x), y: round(centre.y + by.y) };
    return { ...piece, blank: { ...piece.blank, centre: moved } };
  });
}

function round(mm: number): number {
  return Math.round(mm * 100) / 100;
}
