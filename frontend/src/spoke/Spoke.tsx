/** The spoke: one segment seen from the side, walk distances along the foot, rows slid along it. */
import { useElementSize } from "@mantine/hooks";
import { trackOf } from "../api/facts";
import type { Piece, Plan } from "../api/types";
import type { Session } from "../piece/session";
import { lengthText, spokenLength, type Units, useUnits } from "../studio/units";
import { walkWords } from "../studio/walkWords";
import { areaCuts } from "./areas";
import { type Seen, seenFrom, standsRound } from "./centre";
import { type Dome, domes, type Lane, onHalf, tickStep, trimDomes } from "./section";
import "./spoke.css";
import { useSlide } from "./useSlide";

interface Props {
  session: Session;
  plan: Plan;
  piece: Piece;
  row: number | null;
}

const LEFT = 92;
const RIGHT = 24;
const FOOT = 24;
const TOP = 8;
const LANES: Lane[] = ["on the lines", "between"];
const LABEL_PX = 40;
const AREA_PX = 5;
const LINE_PX = 13;
const LINES = 4;

export function Spoke({ session, plan: whole, piece: asWritten, row }: Props) {
  const { ref: frame, width, height } = useElementSize<HTMLDivElement>();
  const units = useUnits((state) => state.units);
  const seen = seenFrom(whole, asWritten, row);
  const { plan, piece } = seen;
  const half = row !== null && piece.rows[row]?.half === "back" ? "back" : "front";
  const rim = plan.blank.half[half === "back" ? 1 : 0] ?? plan.rim;
  const px = Math.max((width - LEFT - RIGHT) / rim, 0.1);
  const lane = (height - FOOT - TOP) / 2;
  const slide = useSlide(session, rim, plan.circles, px);
  const shown = domes(seen, half);
  const carried = trimDomes(seen, half);
  const tallest = Math.max(...[...shown, ...carried].map((dome) => dome.lift + dome.height), 0.1);
  const rise = Math.min(px, (lane - 16) / tallest);
  const base = (which: Lane) => TOP + lane * (LANES.indexOf(which) + 1) - 2;
  const focusable = row ?? 0;
  return (
    <div ref={frame} className="spoke">
      {height > FOOT + TOP && (
        <svg
          width={width}
          height={height}
          role="group"
          aria-label={seen.motif ? "The spoke of the motif, from its centre" : "The spoke, from the centre to the edge"}
        >
          <Scale plan={plan} rim={rim} px={px} height={height} units={units} />
          {LANES.map((which) => (
            <g key={which}>
              <text className="spoke-lane" x={8} y={base(which) - 4}>
                {which}
              </text>
              <line className="spoke-foot" x1={LEFT} x2={LEFT + rim * px} y1={base(which)} y2={base(which)} />
            </g>
          ))}
          {half === "front" && <Areas seen={seen} px={px} base={base} />}
          {shown.map((dome) => {
            const planned = plan.rows[dome.row]!;
            const fixed = !slides(piece.rows[dome.row]);
            const first = shown.find((other) => other.row === dome.row) === dome;
            return (
              <path
                key={`${dome.row} ${dome.lane}`}
                className={dome.row === row ? "spoke-dome picked" : "spoke-dome"}
                d={domePath(dome, px, rise, base(dome.lane))}
                fill={dome.colour}
                {...slide(dome.row, planned.walk, dome.mark, fixed)}
                {...(first && {
                  role: "slider",
                  tabIndex: dome.row === focusable ? 0 : -1,
                  "aria-label": `Row ${dome.mark}, ${walkWords(plan).long}`,
                  "aria-valuemin": 0,
                  "aria-valuemax": rim,
                  "aria-valuenow": planned.walk,
                  "aria-valuetext": spokenLength(planned.walk, units, "distance"),
                })}
              />
            );
          })}
          {carried.map((dome) => (
            <path
              key={dome.dot}
              className="spoke-trim"
              d={domePath(dome, px, rise, base(dome.lane) - dome.lift * rise)}
              fill={dome.colour}
            />
          ))}
          <Gaps seen={seen} row={row} px={px} shown={shown} base={base} units={units} half={half} />
        </svg>
      )}
    </div>
  );
}

/** Whether a row lies at a distance that can be set; what is painted stays. */
function slides(row: Piece["rows"][number] | undefined): boolean {
  return row !== undefined && row.painted === null && trackOf(row).distances.includes("walk");
}

function domePath(dome: Dome, px: number, rise: number, base: number): string {
  const left = LEFT + Math.max(dome.walk - dome.radius, -dome.walk) * px;
  const right = LEFT + (dome.walk + dome.radius) * px;
  const rx = dome.radius * px;
  const ry = Math.max(dome.height * rise, 2);
  if (dome.walk === 0) return `M${LEFT} ${base} L${LEFT} ${base - ry} A${rx} ${ry} 0 0 1 ${right} ${base} Z`;
  return `M${left} ${base} A${rx} ${ry} 0 0 1 ${right} ${base} Z`;
}

interface ScaleProps {
  plan: Plan;
  rim: number;
  px: number;
  height: number;
  units: Units;
}

function Scale({ plan, rim, px, height, units }: ScaleProps) {
  const step = tickStep(px, units);
  const ticks = Array.from({ length: Math.floor(rim / step) + 1 }, (_, k) => k * step);
  const foot = height - FOOT;
  return (
    <g className="spoke-scale">
      {ticks.map((mm) => (
        <g key={mm}>
          <line x1={LEFT + mm * px} x2={LEFT + mm * px} y1={TOP} y2={foot + 4} />
          <text x={LEFT + mm * px} y={foot + 17} textAnchor="middle">
            {lengthText(mm, units, "distance")}
          </text>
        </g>
      ))}
      <text x={8} y={foot + 17}>
        {walkWords(plan).short.toLowerCase()}
      </text>
      <rect
        x={LEFT + plan.limit * px}
        y={TOP}
        width={Math.max((rim - plan.limit) * px, 0)}
        height={foot - TOP}
        className="spoke-border"
      />
    </g>
  );
}

/** Where the first spoke, and the line half a segment on, run through areas. */
function Areas({ seen, px, base }: { seen: Seen; px: number; base: (lane: Lane) => number }) {
  return areaCuts(seen).map(({ name, lane, from, to }) => (
    <rect
      key={`${lane} ${name} ${from}`}
      className="spoke-area"
      x={LEFT + from * px}
      y={base(lane)}
      width={(to - from) * px}
      height={AREA_PX}
    >
      <title>{name}</title>
    </rect>
  ));
}

interface GapsProps {
  seen: Seen;
  row: number | null;
  px: number;
  shown: Dome[];
  base: (lane: Lane) => number;
  units: Units;
  half: "front" | "back";
}

interface Gap {
  index: number;
  from: number;
  to: number;
  middle: number;
  unsafe: boolean;
  line: number;
}

/** Smallest clear distance of each row to the rows before it: for the picked row, unsafe ones, and where there is room. */
function Gaps({ seen, row, px, shown, base, units, half }: GapsProps) {
  const { plan } = seen;
  const home = (which: number) => base(shown.find((dome) => dome.row === which)?.lane ?? "between");
  return spread(gaps(seen, px, half), row).map(({ index, from, to, middle, unsafe, line }) => {
    const near = plan.rows[index]!.near!;
    const other = plan.dots.row[near.other]!;
    const y = TOP + 10 + line * LINE_PX;
    return (
      <g
        key={plan.rows[index]!.id}
        className={unsafe ? "spoke-gap unsafe" : "spoke-gap"}
        data-row={plan.rows[index]!.mark}
      >
        {(index === row || unsafe) && (
          <path className="spoke-hair" d={`M${from} ${home(other)} L${middle} ${y + 3} L${to} ${home(index)}`} />
        )}
        <text x={middle} y={y} textAnchor="middle" className={index === row ? "picked" : ""}>
          {unsafe ? "▲ " : ""}
          {lengthText(near.clear, units, "dot")}
        </text>
      </g>
    );
  });
}

function gaps({ plan, piece, motif }: Seen, px: number, half: "front" | "back"): Gap[] {
  return plan.rows.flatMap(({ near, walk }, index) => {
    if (!near || !onHalf(piece.rows[index], half)) return [];
    const other = plan.dots.row[near.other]!;
    if (!standsRound(piece, index, motif) || !standsRound(piece, other, motif)) return [];
    const from = LEFT + (plan.rows[other]!.walk + plan.dots.r[near.other]!) * px;
    const to = LEFT + (walk - plan.dots.r[near.dot]!) * px;
    const unsafe = near.clear < piece.safe_gap - 1e-6;
    return [{ index, from, to, middle: (from + to) / 2, unsafe, line: 0 }];
  });
}

/** Those that must be shown, below each other where they would overlap, and the others where there is room. */
function spread(all: Gap[], row: number | null): Gap[] {
  const must = (gap: Gap) => gap.index === row || gap.unsafe;
  const placed: Gap[] = [];
  const meets = ({ middle, line }: Gap) =>
    placed.some((one) => one.line === line && Math.abs(one.middle - middle) < LABEL_PX);
  for (const gap of all.filter(must)) {
    let line = 0;
    while (line < LINES - 1 && meets({ ...gap, line })) line += 1;
    placed.push({ ...gap, line });
  }
  for (const gap of all) if (!must(gap) && !meets(gap)) placed.push(gap);
  return placed;
}
