/** A tool on the tray, seen from above: its tip filled, the dots it makes as circles, at true size once the screen is set. */
import type { Tool } from "../api/types";
import { USUAL, useScale } from "../studio/scale";
import { lengthText, SUFFIX, useUnits } from "../studio/units";

interface Props {
  tool: Tool;
  /** How many dots of it were measured. */
  many: number;
  open: boolean;
  onOpen: () => void;
}

const ROOM = 4; // px round the largest circle
const MOST_PX = 170;

export function ToolCard({ tool, many, open, onOpen }: Props) {
  const perMm = useScale((state) => state.perMm) ?? USUAL;
  const units = useUnits((state) => state.units);
  const widest = Math.max(...tool.dots, tool.tip ?? 0);
  const scale = Math.min(perMm, MOST_PX / widest);
  const side = widest * scale + 2 * ROOM;
  const middle = side / 2;
  return (
    <button type="button" className="tool" aria-haspopup="dialog" aria-expanded={open} onClick={onOpen}>
      <span className="tool-above">
        <svg width={side} height={side} aria-hidden="true">
          {tool.dots.map((dot) => (
            <circle key={dot} className="tool-dot" cx={middle} cy={middle} r={(dot * scale) / 2} />
          ))}
          {tool.tip !== null && <circle className="tool-tip" cx={middle} cy={middle} r={(tool.tip! * scale) / 2} />}
        </svg>
      </span>
      <strong>{tool.name}</strong>
      <span className="small figures">
        {tool.dots.map((dot) => lengthText(dot, units, "dot")).join(", ")} {SUFFIX[units]}
      </span>
      <span className="small quiet">
        {tool.kind}
        {tool.handle && `, ${tool.handle}`}
      </span>
      <span className="small quiet">
        {many > 0 ? `${many} dots measured` : tool.sizes === "measured" ? "measured" : "typical of its kind"}
        {scale < perMm && ", drawn smaller"}
      </span>
    </button>
  );
}
