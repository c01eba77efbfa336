/** How far from the centre, in a painter's words: on a flat blank that is a distance, on a curved one it is walked. */
import type { Plan } from "../api/types";

interface WalkWords {
  /** At the head of a column, and of the field. */
  short: string;
  /** In a sentence. */
  long: string;
  /** What it means. */
  why: string;
}

const FLAT: WalkWords = {
  short: "From centre",
  long: "distance from the centre",
  why: "From the middle of the blank to the middle of the dots",
};
const CURVED: WalkWords = {
  short: "Walk",
  long: "walk distance",
  why: "Measured over the surface from the top, as a tape laid on it would",
};

export function walkWords(plan: Plan): WalkWords {
  return plan.blank.relief === "flat" ? FLAT : CURVED;
}
