/** Rings round the dots that come now, lighting up in their order; few of them carry their number. */
import type { Plan } from "../api/types";
import { seenDots } from "../stone/side";
import { toScreen, type View } from "../stone/view";

interface Props {
  plan: Plan;
  view: View;
  width: number;
  height: number;
  places: readonly number[];
}

const MOST_NUMBERED = 12;
const MOST = 400;
const ROUND_S = 2.4;

export function Glow({ plan, view, width, height, places }: Props) {
  const seen = seenDots(plan, view);
  const shown = places.slice(0, MOST);
  return (
    <svg className="table-glow" width={width} height={height} aria-hidden="true">
      <g transform={`translate(${width / 2} ${height / 2})`}>
        {shown.map((dot, k) => {
          const at = toScreen(view, { x: seen.x[dot]!, y: seen.y[dot]! });
          const r = plan.dots.r[dot]! * view.scale + 4;
          return (
            <g key={dot} style={{ animationDelay: `${(ROUND_S * k) / shown.length}s` }}>
              <circle className="under" cx={at.x} cy={at.y} r={r} />
              <circle className="over" cx={at.x} cy={at.y} r={r} />
              {shown.length <= MOST_NUMBERED && shown.length > 1 && (
                <text x={at.x} y={at.y - r - 5} textAnchor="middle">
                  {k + 1}
                </text>
              )}
            </g>
          );
        })}
      </g>
    </svg>
  );
}
