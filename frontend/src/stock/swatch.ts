/** How a paint looks on its swatch: over black and white, as far as it covers, with the light of its finish. */
import type { CSSProperties } from "react";
import type { Paint } from "../api/types";

const OPACITY: Record<Paint["cover"], number> = { opaque: 1, half: 0.72, translucent: 0.38 };
const SHINE: Record<Paint["finish"], string> = {
  matte: "none",
  satin: "linear-gradient(160deg, #ffffff2e 0 30%, transparent 55%)",
  gloss: "linear-gradient(160deg, #ffffff80 0 12%, transparent 34%)",
  metallic:
    "linear-gradient(115deg, #00000030 0, #ffffff73 26%, transparent 44%, #00000026 62%, #ffffff59 80%, transparent)",
  pearl: "linear-gradient(120deg, #f7c8e866 0 18%, #c8e8f766 38%, #f3f7c866 58%, transparent 80%)",
  glitter:
    "radial-gradient(#fffffff2 0 1px, transparent 1.6px) 0 0 / 7px 9px, radial-gradient(#00000040 0 1px, transparent 1.6px) 3px 4px / 9px 7px",
  neon: "radial-gradient(ellipse at 50% 50%, #ffffff80 0 22%, transparent 70%)",
};

export function brushed({ colour, cover, finish }: Pick<Paint, "colour" | "cover" | "finish">): CSSProperties {
  const alpha = Math.round(OPACITY[cover] * 255)
    .toString(16)
    .padStart(2, "0");
  const layers = [SHINE[finish], `linear-gradient(${colour}${alpha}, ${colour}${alpha})`];
  return { background: layers.filter((layer) => layer !== "none").join(", ") };
}
