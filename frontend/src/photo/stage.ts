/** Places on a photograph, as shares of its width and height, and what is drawn over it. */

import { fieldsOf } from "../api/facts";

export type Share = [number, number];

export interface Stroke {
  stone: boolean;
  points: Share[];
}

/** What a press on the picture does. */
export type Tool = "point" | "stone" | "ground" | "target";

export const TOOLS: [Tool, string][] = [
  ["point", "Move points"],
  ["stone", "Stone is here"],
  ["ground", "Ground is here"],
  ["target", "Point at the card’s targets"],
];

export const TARGETS = 4;
export const STEP = 0.002; // of the picture, for an arrow key
const MOST_POINTS = fieldsOf("Stroke").points!.longest!;

export function within(share: number): number {
  return Math.min(Math.max(share, 0), 1);
}

/** Which of the points lies nearest on a picture of this shape. */
export function nearest(points: readonly Share[], [x, y]: Share, aspect: number): number {
  const far = points.map(([px, py]) => Math.hypot((px - x) * aspect, py - y));
  return far.indexOf(Math.min(...far));
}

/** A stroke by as many points as the server takes. */
export function thinned(points: Share[]): Share[] {
  const every = Math.ceil(points.length / MOST_POINTS);
  return points.filter((_, k) => k % every === 0).map(([x, y]) => [Number(x.toFixed(4)), Number(y.toFixed(4))]);
}

/** Millimetres of a place, by the homography of the plane of the outline (nine numbers, row by row). */
export function onPlane(plane: readonly number[], [x, y]: Share): [number, number] {
  const row = (k: number) => plane[3 * k]! * x + plane[3 * k + 1]! * y + plane[3 * k + 2]!;
  return [row(0) / row(2), row(1) / row(2)];
}
