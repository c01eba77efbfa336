/** Base zones under the paint, and what is seen over it; of a ball or egg none, as they lie in plan. */
import { through } from "./guides";
import type { Drawn } from "./scene";
import type { View } from "./view";

interface Place {
  left: number;
  top: number;
  px: number;
}

type Lines = { x: number[]; y: number[] }[];

export function drawZones(context: CanvasRenderingContext2D, plan: Drawn, view: View, place: Place): void {
  inPlan(context, plan, view, place, () => {
    for (const { lines, colours, ends, outward } of plan.zones) {
      const [x0, x1] = ends.x as [number, number];
      const [y0, y1] = ends.y as [number, number];
      const blend = outward
        ? context.createRadialGradient(x0, y0, 0, x0, y0, Math.hypot(x1 - x0, y1 - y0))
        : context.createLinearGradient(x0, y0, x1, y1);
      for (const [k, colour] of colours.entries()) blend.addColorStop(k / Math.max(colours.length - 1, 1), colour);
      context.fillStyle = blend;
      context.fill(pathOf(lines), "evenodd");
    }
  });
}

export function drawCovers(context: CanvasRenderingContext2D, plan: Drawn, view: View, place: Place): void {
  inPlan(context, plan, view, place, () => {
    for (const { lines, colour } of plan.covers) {
      context.fillStyle = colour;
      context.fill(pathOf(lines), "evenodd");
    }
  });
}

function pathOf(lines: Lines): Path2D {
  return new Path2D(lines.map(({ x, y }) => through(x, y, true)).join(""));
}

/** Drawn in millimetres, turned as the stone is. */
function inPlan(
  context: CanvasRenderingContext2D,
  plan: Drawn,
  view: View,
  { left, top, px }: Place,
  draw: () => void,
): void {
  if (plan.blank.closed) return;
  context.save();
  context.translate(left, top);
  context.rotate(view.turn);
  context.scale(px, px);
  draw();
  context.restore();
}
