/** Guides, the border and the bare areas as they are seen. */
import type { Plan } from "../api/types";
import { isDark } from "./paint";
import { roll } from "./side";
import type { View } from "./view";

export const lineColour = (base: string) => (isDark(base) ? "rgba(255,255,255,0.34)" : "rgba(0,0,0,0.36)");

const DASHES: Record<string, number[]> = { end: [7, 3], boundary: [7, 3] };
const BORDER = [5, 4];
const BARE = [3, 3];

export interface Place {
  left: number;
  top: number;
  px: number;
}

/** A line as the path of an SVG in mm, with its dashes in screen pixels. */
export interface Drawn {
  kind: string;
  d: string;
  dashes: number[];
}

/** The border line, where it is not the edge itself, and every guide. */
export function guidePaths(plan: Plan, view: View): Drawn[] {
  const { blank } = plan;
  const edge = !blank.closed && plan.limit < plan.rim - 1e-6;
  const lines = edge ? blank.clear : [];
  return [
    ...lines.map(({ x, y }) => ({ kind: "border", d: through(x, y, true), dashes: BORDER })),
    ...plan.guides.map((guide) => ({
      kind: guide.kind,
      d: seen(plan, view, guide),
      dashes: DASHES[guide.kind] ?? [],
    })),
  ];
}

/** The edges of the bare areas; of a ball or egg none, as they lie in plan. */
export function barePaths(plan: Plan): Drawn[] {
  const areas = plan.blank.closed ? [] : plan.bare;
  return areas.map(({ lines }) => ({
    kind: "bare",
    d: lines.map(({ x, y }) => through(x, y, true)).join(""),
    dashes: BARE,
  }));
}

/** On the canvas, under the paint; bare areas are tinted. */
export function drawGuides(
  context: CanvasRenderingContext2D,
  plan: Plan,
  base: string,
  view: View,
  { left, top, px }: Place,
  guides: boolean,
): void {
  const ratio = window.devicePixelRatio || 1;
  context.save();
  context.translate(left, top);
  context.rotate(view.turn);
  context.scale(px, px);
  const dashed = (dashes: number[]) => context.setLineDash(dashes.map((dash) => (dash * ratio) / px));
  context.lineWidth = ratio / px;
  context.strokeStyle = lineColour(base);
  for (const { d, dashes } of barePaths(plan)) {
    const path = new Path2D(d);
    context.fillStyle = isDark(base) ? "rgba(255,255,255,0.07)" : "rgba(0,0,0,0.06)";
    context.fill(path, "evenodd");
    dashed(dashes);
    context.stroke(path);
  }
  if (guides)
    for (const { d, dashes } of guidePaths(plan, view)) {
      dashed(dashes);
      context.stroke(new Path2D(d));
    }
  context.restore();
}

/** A guide as it is seen; what lies behind a ball or egg is left out. */
function seen(plan: Plan, view: View, guide: Plan["guides"][number]): string {
  const { x, y, z, closed } = guide;
  if (!plan.blank.closed) return through(x, y, closed);
  const turn = roll(view);
  const order = closed ? [...x.keys(), 0] : [...x.keys()];
  let path = "";
  let pen = false;
  for (const k of order) {
    const [px, py, pz] = turn(x[k]!, y[k]!, z[k]! - plan.blank.middle);
    if (pz < 0) {
      pen = false;
      continue;
    }
    path += `${pen ? "L" : "M"}${px} ${py}`;
    pen = true;
  }
  return path;
}

export function through(x: number[], y: number[], closed: boolean): string {
  return `M${x.map((value, k) => `${value} ${y[k]}`).join("L")}${closed ? "Z" : ""}`;
}
