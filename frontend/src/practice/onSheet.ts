/** Places of a practice sheet in the picture of it, by the homography that the server found. */
import type { components } from "../api/generated";
import { onPlane, type Share } from "../photo/stage";

export type SheetAnswer = components["schemas"]["SheetAnswer"];
export type Reading = components["schemas"]["Reading"];
export type Steady = components["schemas"]["SteadyAnswer"];
export type PracticeSheet = components["schemas"]["PracticeSheet"];
export type Dot = SheetAnswer["seen"][number];

type Nine = readonly number[];

/** The matrix that takes places back. */
export function inverse(m: Nine): number[] {
  const [a, b, c, d, e, f, g, h, i] = m as [number, number, number, number, number, number, number, number, number];
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

export const seenAt = (plane: Nine, x: number, y: number): Share => onPlane(plane, [x, y]);

/** The target nearest to a place on the sheet (mm), not taken by another dot. */
export function nearestTarget(
  { blocks, seen }: SheetAnswer,
  [x, y]: Share,
): { block: number; target: number; dot: number } | null {
  let best: { block: number; target: number; dot: number } | null = null;
  let least = Number.POSITIVE_INFINITY;
  blocks.forEach(({ places, ends, dot }, block) => {
    if (ends.length > 0) return;
    places.forEach(([px, py], target) => {
      const far = Math.hypot(px - x, py - y);
      const taken = seen.some((one) => one.block === block && one.target === target);
      if (far < least && !taken) {
        least = far;
        best = { block, target, dot };
      }
    });
  });
  return best;
}

/** What is kept of a sheet: the dots that stand. */
export function readingOf(answer: SheetAnswer, id: string, day: string): Reading {
  const dots = answer.seen.flatMap(({ block, target, x, y, diameter, length, smudged }) =>
    block === null || target === null || smudged ? [] : [{ block, target, x, y, diameter, length }],
  );
  return { id, sheet: answer.sheet.number, day, dots };
}
