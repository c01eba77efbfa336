/** The stone on a canvas: the blank and its dots as paint, lit from the upper left of the screen. */
import type { Plan } from "../api/types";
import { tones } from "./paint";
import type { View } from "./view";

export interface Scene {
  plan: Plan;
  base: string;
}

const CHUNK = 400;
const ROUND = Math.PI * 2;
const DETAIL_PX = 2.2;

/** The full look, or while something is moved a plain one: flat dots, no light. */
export function drawStone(context: CanvasRenderingContext2D, scene: Scene, view: View, plain: boolean): void {
  const { width, height } = context.canvas;
  const ratio = window.devicePixelRatio || 1;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, width, height);
  const px = view.scale * ratio;
  const sin = Math.sin(view.turn) * px;
  const cos = Math.cos(view.turn) * px;
  const left = width / 2 + view.x * ratio;
  const top = height / 2 + view.y * ratio;
  blank(context, scene, left, top, px, plain);
  const { x, y, r, shade } = scene.plan.dots;
  const groups = byShade(shade, scene.plan.shades.length);
  const dots = (which: number[], size: number, shift: number, fill: string) => {
    context.fillStyle = fill;
    for (let from = 0; from < which.length; from += CHUNK) {
      context.beginPath();
      for (let k = from; k < Math.min(from + CHUNK, which.length); k++) {
        const i = which[k]!;
        const radius = r[i]! * px;
        const cx = left + x[i]! * cos - y[i]! * sin - shift * radius;
        const cy = top + x[i]! * sin + y[i]! * cos - shift * radius;
        context.moveTo(cx + radius * size, cy);
        context.arc(cx, cy, radius * size, 0, ROUND);
      }
      context.fill();
    }
  };
  groups.forEach((which, index) => {
    const { colour, finish } = scene.plan.shades[index]!;
    const tone = tones(colour, finish);
    if (plain) {
      dots(which, 1, 0, tone.body);
      return;
    }
    dots(which, 1.04, -0.07, "rgba(0,0,0,0.28)");
    dots(which, 1, 0, tone.rim);
    dots(which, 0.9, 0.055, tone.body);
    const large = which.filter((i) => r[i]! * px > DETAIL_PX);
    for (const light of tone.lights) dots(large, light.size, light.shift, light.fill);
  });
}

function blank(
  context: CanvasRenderingContext2D,
  scene: Scene,
  x: number,
  y: number,
  px: number,
  plain: boolean,
) {
  const radius = scene.plan.rim * px;
  if (!plain) {
    const shadow = context.createRadialGradient(
      x + radius * 0.02,
      y + radius * 0.03,
      radius * 0.94,
      x + radius * 0.02,
      y + radius * 0.03,
      radius * 1.06,
    );
    shadow.addColorStop(0, "rgba(0,0,0,0.42)");
    shadow.addColorStop(1, "rgba(0,0,0,0)");
    disc(context, x + radius * 0.02, y + radius * 0.03, radius * 1.06, shadow);
  }
  disc(context, x, y, radius, scene.base);
  if (plain) return;
  const light = context.createLinearGradient(x - radius, y - radius, x + radius, y + radius);
  light.addColorStop(0, "rgba(255,255,255,0.10)");
  light.addColorStop(0.5, "rgba(255,255,255,0)");
  light.addColorStop(1, "rgba(0,0,0,0.16)");
  disc(context, x, y, radius, light);
}

function disc(
  context: CanvasRenderingContext2D,
  x: number,
  y: number,
  r: number,
  fill: string | CanvasGradient,
) {
  context.beginPath();
  context.arc(x, y, r, 0, ROUND);
  context.fillStyle = fill;
  context.fill();
}

const grouped = new WeakMap<number[], number[][]>();

/** Dot indices for each shade; kept for as long as the plan is. */
function byShade(shade: number[], shades: number): number[][] {
  let groups = grouped.get(shade);
  if (!groups) {
    groups = Array.from({ length: shades }, () => []);
    for (let i = 0; i < shade.length; i++) groups[shade[i]!]!.push(i);
    grouped.set(shade, groups);
  }
  return groups;
}

/** The dot at a point of the piece (mm), or null; the last drawn lies on top. */
export function dotAt(plan: Plan, x: number, y: number, slack: number): number | null {
  const { x: xs, y: ys, r } = plan.dots;
  for (let i = xs.length - 1; i >= 0; i--) {
    const dx = xs[i]! - x;
    const dy = ys[i]! - y;
    const reach = r[i]! + slack;
    if (dx * dx + dy * dy <= reach * reach) return i;
  }
  return null;
}
