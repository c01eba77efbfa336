/** How far a dot is walked from the centre. */
import type { Plan } from "../api/types";

/** Walk distance of a dot (mm); a flat blank's plan leaves it out, being the distance in plan. */
export function walkOf({ dots }: Plan, dot: number): number {
  return dots.walk?.[dot] ?? Math.hypot(dots.x[dot]!, dots.y[dot]!);
}
