/** The stone on a canvas: the blank and its dots as paint, lit from the upper left of the screen. */
import { drawBlank } from "./blank";
import { drawMarks } from "./marks";
import { type Light, layers, tones } from "./paint";
import type { Drawn, Scene } from "./scene";
import { type Seen, seenDots } from "./side";
import type { View } from "./view";
import { drawCovers, drawZones } from "./zones";

const CHUNK = 400;
const ROUND = Math.PI * 2;
const DETAIL_PX = 2.2;
const EDGE_ON = 0.04;

/** Dots `from` this one up to that, marks that start from them too. The blank belongs to what begins with the first. */
export interface Part {
  from?: number;
  to?: number;
}

/** The full look, or while something is moved a plain one: flat dots, no light. */
export function drawStone(
  context: CanvasRenderingContext2D,
  scene: Scene,
  view: View,
  plain: boolean,
  { from = 0, to = Number.POSITIVE_INFINITY }: Part = {},
): void {
  const { width, height } = context.canvas;
  const ratio = window.devicePixelRatio || 1;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, width, height);
  const px = view.scale * ratio;
  const sin = Math.sin(view.turn) * px;
  const cos = Math.cos(view.turn) * px;
  const left = width / 2 + view.x * ratio;
  const top = height / 2 + view.y * ratio;
  if (from === 0) {
    drawBlank(context, scene, view, { left, top, px, plain });
    drawZones(context, scene.plan, view, { left, top, px });
    scene.under?.(context, { left, top, px });
  }
  const { r } = scene.plan.dots;
  const seen = seenDots(scene.plan, view);
  const dots = (which: number[], { size, shift, fill }: Light) => {
    context.fillStyle = fill;
    const chunk = plain ? which.length : CHUNK;
    for (let begin = 0; begin < which.length; begin += chunk) {
      context.beginPath();
      for (let k = begin; k < Math.min(begin + chunk, which.length); k++) {
        const i = which[k]!;
        const radius = r[i]! * px;
        const cx = left + seen.x[i]! * cos - seen.y[i]! * sin - shift * radius;
        const cy = top + seen.x[i]! * sin + seen.y[i]! * cos - shift * radius;
        outline(context, seen, i, cx, cy, radius * size, view.turn);
      }
      context.fill();
    }
  };
  for (const { level, groups } of layered(scene.plan)) {
    drawMarks(context, scene.plan, view, level, { left, top, px, plain, from, to });
    for (const group of groups) {
      const which = facing(within(group.dots, from, to), seen);
      const { colour, finish } = scene.plan.shades[group.shade]!;
      const tone = tones(colour, finish);
      const large = which.filter((i) => r[i]! * px > DETAIL_PX);
      for (const light of layers(tone, plain)) dots(tone.lights.includes(light) ? large : which, light);
    }
  }
  if (to === Number.POSITIVE_INFINITY) drawCovers(context, scene.plan, view, { left, top, px });
}

/** A dot's edge: a circle, or an ellipse where the surface leans away. */
function outline(
  context: CanvasRenderingContext2D,
  seen: Seen,
  i: number,
  cx: number,
  cy: number,
  radius: number,
  turn: number,
) {
  if (!seen.facing) {
    context.moveTo(cx + radius, cy);
    context.arc(cx, cy, radius, 0, ROUND);
    return;
  }
  const lean = seen.lean![i]! + turn;
  const squashed = radius * Math.min(seen.facing[i]!, 1);
  context.moveTo(cx + squashed * Math.cos(lean), cy + squashed * Math.sin(lean));
  context.ellipse(cx, cy, squashed, radius, lean, 0, ROUND);
}

/** Dots are grouped in their order: those of a part lie together. */
function within(which: number[], from: number, to: number): number[] {
  return from === 0 && to === Number.POSITIVE_INFINITY ? which : which.filter((i) => i >= from && i < to);
}

function facing(which: number[], seen: Seen): number[] {
  const { facing } = seen;
  return facing ? which.filter((i) => facing[i]! > EDGE_ON) : which;
}

interface Group {
  shade: number;
  dots: number[];
}

interface Level {
  level: number;
  groups: Group[];
}

const grouped = new WeakMap<number[], Level[]>();

/** Dots of one level and shade together, the lowest level first; kept for as long as the plan is. Dots that were pulled
 * to a tail are a part of their mark. */
function layered({ dots, marks }: Drawn): Level[] {
  const known = grouped.get(dots.shade);
  if (known) return known;
  const { level, shade } = dots;
  const pulled = new Set(marks.dot.filter((_, k) => marks.pulled[k]));
  const found = new Map<number, Map<number, number[]>>(marks.level.map((own) => [own, new Map()]));
  for (let i = 0; i < shade.length; i++) {
    if (level[i] === 0 || pulled.has(i)) continue;
    const groups = found.get(level[i]!) ?? new Map<number, number[]>();
    found.set(level[i]!, groups);
    const group = groups.get(shade[i]!);
    if (group) group.push(i);
    else groups.set(shade[i]!, [i]);
  }
  const levels = [...found]
    .sort(([a], [b]) => a - b)
    .map(([own, groups]) => ({
      level: own,
      groups: [...groups].sort(([a], [b]) => a - b).map(([of, which]) => ({ shade: of, dots: which })),
    }));
  grouped.set(dots.shade, levels);
  return levels;
}

/** The dot at a point before the eye (mm), or null; the last drawn lies on top. */
export function dotAt(plan: Drawn, view: View, x: number, y: number, slack: number): number | null {
  const { r } = plan.dots;
  const seen = seenDots(plan, view);
  for (let i = r.length - 1; i >= 0; i--) {
    if (seen.facing && seen.facing[i]! <= EDGE_ON) continue;
    const dx = seen.x[i]! - x;
    const dy = seen.y[i]! - y;
    const reach = r[i]! + slack;
    if (dx * dx + dy * dy <= reach * reach) return i;
  }
  return null;
}
