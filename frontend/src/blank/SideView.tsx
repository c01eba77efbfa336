/** The blank seen from the side, at the scale that fills the picture; its height and its walk are written on it. */
import type { Plan } from "../api/types";
import { spokenLength, useUnits } from "../studio/units";

const WIDTH = 290;
const HEIGHT = 150;
const EDGE = 26;

export function SideView({ plan, base }: { plan: Plan; base: string }) {
  const units = useUnits((state) => state.units);
  const cut = plan.blank.section ?? flat(plan);
  const left = Math.min(...cut.x);
  const right = Math.max(...cut.x);
  const top = Math.max(...cut.y);
  const low = Math.min(...cut.y, 0);
  const px = Math.min((WIDTH - 2 * EDGE) / (right - left), (HEIGHT - 2 * EDGE) / Math.max(top - low, 1));
  const x = (mm: number) => WIDTH / 2 + (mm - (left + right) / 2) * px;
  const y = (mm: number) => HEIGHT / 2 - (mm - (top + low) / 2) * px;
  const line = cut.x.map((mm, k) => `${x(mm)} ${y(cut.y[k]!)}`).join("L");
  const foot = plan.blank.closed ? "Z" : `L${x(right)} ${y(low) + 8}L${x(left)} ${y(low) + 8}Z`;
  const rise = top - low;
  return (
    <figure className="side-view">
      <svg width={WIDTH} height={HEIGHT} role="img" aria-label="The blank seen from the side">
        <path d={`M${line}${foot}`} fill={base} stroke="var(--quiet)" />
        {rise > 0.05 && (
          <g className="dimension">
            <line x1={WIDTH - 14} x2={WIDTH - 14} y1={y(top)} y2={y(low)} />
            <line x1={WIDTH - 19} x2={WIDTH - 9} y1={y(top)} y2={y(top)} />
            <line x1={WIDTH - 19} x2={WIDTH - 9} y1={y(low)} y2={y(low)} />
          </g>
        )}
        <line className="dimension" x1={WIDTH / 2} x2={WIDTH / 2} y1={y(top) - 7} y2={y(top) + 7} />
      </svg>
      <figcaption className="small quiet figures">
        {rise > 0.05 ? `${spokenLength(rise, units)} high, ` : "Flat, "}
        {spokenLength(plan.rim, units)} from the{" "}
        {plan.blank.closed ? "pole to the widest circle" : "centre to the edge"}
      </figcaption>
    </figure>
  );
}

function flat(plan: Plan): { x: number[]; y: number[] } {
  return { x: [Math.min(...plan.blank.outline.x), Math.max(...plan.blank.outline.x)], y: [0, 0] };
}
