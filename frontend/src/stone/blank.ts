/** The bare blank on the canvas: its outline or silhouette, its shadow, its light. */
import { hull, type Spot } from "./hull";
import type { Drawn, Scene } from "./scene";
import { roll } from "./side";
import type { View } from "./view";

interface Place {
  left: number;
  top: number;
  px: number;
  plain: boolean;
}

const ROUND = Math.PI * 2;
const STEPS = 48; // points of one circle of a body

export function drawBlank(context: CanvasRenderingContext2D, scene: Scene, view: View, place: Place): void {
  const { left, top, px, plain } = place;
  const shape = silhouette(scene.plan, view, place);
  const radius = scene.plan.blank.span * px;
  context.save();
  if (!plain) {
    context.shadowColor = "rgba(0,0,0,0.42)";
    context.shadowBlur = Math.max(radius * 0.06, 4);
    context.shadowOffsetX = radius * 0.02;
    context.shadowOffsetY = radius * 0.03;
  }
  context.fillStyle = scene.base;
  context.fill(shape);
  context.restore();
  if (plain) return;
  context.fillStyle = light(context, scene.plan, left, top, radius);
  context.fill(shape);
  if (scene.plan.blank.relief === "plate") well(context, scene.plan, left, top, px);
}

/** Flat and domed blanks brighten to the upper left; a ball or egg is lit as a round body. */
function light(context: CanvasRenderingContext2D, plan: Drawn, x: number, y: number, radius: number) {
  const { relief, closed } = plan.blank;
  if (closed || relief.includes("dome")) {
    const strength = closed ? 1 : 0.6;
    const glow = context.createRadialGradient(x - radius * 0.38, y - radius * 0.42, radius * 0.05, x, y, radius * 1.05);
    glow.addColorStop(0, `rgba(255,255,255,${0.26 * strength})`);
    glow.addColorStop(0.55, "rgba(255,255,255,0.02)");
    glow.addColorStop(1, `rgba(0,0,0,${0.5 * strength})`);
    return glow;
  }
  const glow = context.createLinearGradient(x - radius, y - radius, x + radius, y + radius);
  glow.addColorStop(0, "rgba(255,255,255,0.10)");
  glow.addColorStop(0.5, "rgba(255,255,255,0)");
  glow.addColorStop(1, "rgba(0,0,0,0.16)");
  return glow;
}

/** The fold between a plate's well and its rim. */
function well(context: CanvasRenderingContext2D, plan: Drawn, x: number, y: number, px: number) {
  const fold = foldOf(plan);
  for (const [width, shade] of [
    [5, "rgba(0,0,0,0.22)"],
    [1.5, "rgba(255,255,255,0.28)"],
  ] as const) {
    context.beginPath();
    context.arc(x, y, fold * px, 0, ROUND);
    context.lineWidth = width;
    context.strokeStyle = shade;
    context.stroke();
  }
}

/** Reach of the fold: the furthest place of the section that is still at the height of the middle. */
export function foldOf(plan: Drawn): number {
  const { section } = plan.blank;
  if (!section) return 0;
  return Math.max(...section.x.filter((_, k) => Math.abs(section.y[k]!) < 1e-6), 0);
}

function silhouette(plan: Drawn, view: View, { left, top, px }: Place): Path2D {
  const path = new Path2D();
  const { blank } = plan;
  const sin = Math.sin(view.turn) * px;
  const cos = Math.cos(view.turn) * px;
  const at = (x: number, y: number): [number, number] => [left + x * cos - y * sin, top + x * sin + y * cos];
  if (blank.closed && blank.section) {
    const turn = roll(view);
    const [ax, ay, az] = turn(0, 0, 1);
    const tilt = Math.atan2(ay, ax);
    const spots: Spot[] = [];
    blank.section.x.forEach((reach, k) => {
      // A circle of the body seen from aside is an ellipse; a ball or egg is convex, so their hull is its silhouette.
      const height = blank.section!.y[k]! - blank.middle;
      for (let turned = 0; turned < ROUND; turned += ROUND / STEPS) {
        const along = Math.abs(reach * az) * Math.cos(turned);
        const across = Math.abs(reach) * Math.sin(turned);
        const x = ax * height + along * Math.cos(tilt) - across * Math.sin(tilt);
        spots.push([x, ay * height + along * Math.sin(tilt) + across * Math.cos(tilt)]);
      }
    });
    for (const [x, y] of hull(spots)) path.lineTo(...at(x, y));
    path.closePath();
    return path;
  }
  if (blank.round) {
    path.arc(left, top, Math.max(...blank.outline.x) * px, 0, ROUND);
    return path;
  }
  blank.outline.x.forEach((x, k) => {
    const [cx, cy] = at(x, blank.outline.y[k]!);
    if (k) path.lineTo(cx, cy);
    else path.moveTo(cx, cy);
  });
  path.closePath();
  return path;
}
