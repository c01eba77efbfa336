/** Over the paint: guides while they are edited, the selected row, and the places a verdict is about. */
import type { Plan } from "../api/types";
import { guidePaths, lineColour } from "./guides";
import { type Seen, seenDots } from "./side";
import type { View } from "./view";

interface Props {
  plan: Plan;
  base: string;
  view: View;
  width: number;
  height: number;
  row: number | null;
  places: number[];
  guides: boolean;
}

const MOST_MARKED = 600;

export function Overlay({ plan, base, view, width, height, row, places, guides }: Props) {
  const line = lineColour(base);
  const degrees = Number(((view.turn * 180) / Math.PI).toFixed(6));
  const place = `translate(${width / 2 + view.x} ${height / 2 + view.y}) rotate(${degrees}) scale(${view.scale})`;
  const seen = seenDots(plan, view);
  const px = 1 / view.scale;
  const found = row === null ? undefined : plan.rows[row];
  const own = found ? Array.from({ length: Math.min(found.places, MOST_MARKED) }, (_, k) => found.first + k) : [];
  return (
    <svg className="stone-overlay" width={width} height={height} aria-hidden="true">
      <g transform={place} fill="none" style={{ vectorEffect: "non-scaling-stroke" }}>
        {guides && <Guides plan={plan} view={view} line={line} />}
        <g className="stone-picked">
          {["under", "over"].map((which) =>
            own.map((dot) => (
              <Mark key={`${which} ${dot}`} plan={plan} seen={seen} dot={dot} more={px} className={which} />
            )),
          )}
        </g>
        {places.slice(0, MOST_MARKED).map((dot) => (
          <Mark key={dot} plan={plan} seen={seen} dot={dot} more={3 * px} className="stone-place" />
        ))}
      </g>
    </svg>
  );
}

interface MarkProps {
  plan: Plan;
  seen: Seen;
  dot: number;
  more: number;
  className: string;
}

/** A ring round a dot, foreshortened with it; none where the dot faces away. */
function Mark({ plan, seen, dot, more, className }: MarkProps) {
  const facing = seen.facing ? seen.facing[dot]! : 1;
  if (facing <= 0) return null;
  const r = (plan.dots.r[dot] ?? 0) + more;
  const at = `translate(${seen.x[dot]} ${seen.y[dot]})`;
  const lean = seen.lean ? ` rotate(${(seen.lean[dot]! * 180) / Math.PI})` : "";
  return (
    <ellipse className={className} transform={at + lean} rx={r * facing} ry={r} vectorEffect="non-scaling-stroke" />
  );
}

function Guides({ plan, view, line }: { plan: Plan; view: View; line: string }) {
  return guidePaths(plan, view).map(({ kind, d, dashes }, k) => (
    <path
      key={k}
      className={`guide-${kind.replace(" ", "-")}`}
      d={d}
      stroke={line}
      strokeWidth={1}
      strokeDasharray={dashes.join(" ")}
      vectorEffect="non-scaling-stroke"
    />
  ));
}
