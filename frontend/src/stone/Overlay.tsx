/** Over the paint: guides, border, the selected row, and the places a verdict is about. */
import type { Plan } from "../api/types";
import { isDark } from "./paint";
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
  const line = isDark(base) ? "rgba(255,255,255,0.34)" : "rgba(0,0,0,0.36)";
  const place = `translate(${width / 2 + view.x} ${height / 2 + view.y}) rotate(${Number(((view.turn * 180) / Math.PI).toFixed(6))}) scale(${view.scale})`;
  return (
    <svg className="stone-overlay" width={width} height={height} aria-hidden="true">
      <g transform={place} fill="none" style={{ vectorEffect: "non-scaling-stroke" }}>
        {guides && <Guides plan={plan} line={line} />}
        {row !== null && <Picked plan={plan} row={row} px={1 / view.scale} />}
        {places.slice(0, MOST_MARKED).map((dot) => (
          <circle
            key={dot}
            className="stone-place"
            cx={plan.dots.x[dot]}
            cy={plan.dots.y[dot]}
            r={(plan.dots.r[dot] ?? 0) + 3 / view.scale}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </g>
    </svg>
  );
}

function Guides({ plan, line }: { plan: Plan; line: string }) {
  const common = { stroke: line, strokeWidth: 1, vectorEffect: "non-scaling-stroke" as const };
  return (
    <>
      {plan.limit > 0 && plan.limit < plan.rim && <circle r={plan.limit} strokeDasharray="5 4" {...common} />}
      {plan.circles.map((circle) => (
        <circle key={circle.id} r={circle.reach} {...common} />
      ))}
      {plan.spokes.map((angle) => {
        const a = (angle * Math.PI) / 180;
        return (
          <line
            key={angle}
            x1={0}
            y1={0}
            x2={plan.rim * Math.sin(a)}
            y2={-plan.rim * Math.cos(a)}
            {...common}
          />
        );
      })}
    </>
  );
}

function Picked({ plan, row, px }: { plan: Plan; row: number; px: number }) {
  const found = plan.rows[row];
  if (!found) return null;
  const dots = Array.from({ length: Math.min(found.places, MOST_MARKED) }, (_, k) => found.first + k);
  return (
    <g className="stone-picked">
      {["under", "over"].map((which) =>
        dots.map((dot) => (
          <circle
            key={`${which} ${dot}`}
            className={which}
            cx={plan.dots.x[dot]}
            cy={plan.dots.y[dot]}
            r={(plan.dots.r[dot] ?? 0) + px}
            vectorEffect="non-scaling-stroke"
          />
        )),
      )}
    </g>
  );
}
