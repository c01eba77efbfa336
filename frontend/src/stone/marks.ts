/** Swipes, ovals, leaves and strokes on the canvas: outlines as paint. */

import { tones } from "./paint";
import type { Drawn } from "./scene";
import { roll } from "./side";
import type { View } from "./view";

interface Place {
  left: number;
  top: number;
  px: number;
  plain: boolean;
  from: number;
  to: number;
}

export function drawMarks(context: CanvasRenderingContext2D, plan: Drawn, view: View, place: Place): void {
  const { marks } = plan;
  const sin = Math.sin(view.turn) * place.px;
  const cos = Math.cos(view.turn) * place.px;
  const turn = plan.blank.closed ? roll(view) : null;
  const groups = new Map<number, Path2D>();
  for (let k = 0; k < marks.shade.length; k++) {
    if (marks.dot[k]! < place.from || marks.dot[k]! >= place.to) continue;
    const shade = marks.shade[k]!;
    const path = groups.get(shade) ?? new Path2D();
    groups.set(shade, path);
    trace(path, k);
  }
  for (const [shade, path] of groups) {
    const { colour, finish } = plan.shades[shade]!;
    const tone = tones(colour, finish);
    if (!place.plain) {
      context.save();
      context.translate(place.px * 0.12, place.px * 0.12);
      context.fillStyle = "rgba(0,0,0,0.28)";
      context.fill(path);
      context.restore();
    }
    context.fillStyle = tone.body;
    context.fill(path);
    if (place.plain) continue;
    context.lineWidth = Math.max(place.px * 0.08, 0.5);
    context.strokeStyle = tone.rim;
    context.stroke(path);
  }

  function trace(path: Path2D, mark: number): void {
    const from = marks.start[mark]!;
    const to = marks.start[mark + 1]!;
    if (turn && turn(marks.x[from]!, marks.y[from]!, marks.z[from]! - plan.blank.middle)[2] < 0) return;
    for (let i = from; i < to; i++) {
      let [x, y] = [marks.x[i]!, marks.y[i]!];
      if (turn) [x, y] = turn(x, y, marks.z[i]! - plan.blank.middle);
      const sx = place.left + x * cos - y * sin;
      const sy = place.top + x * sin + y * cos;
      if (i === from) path.moveTo(sx, sy);
      else path.lineTo(sx, sy);
    }
    path.closePath();
  }
}
