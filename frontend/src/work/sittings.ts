/** The steps of a piece by sittings: what is done at the table between two long waits. */
import type { Step } from "../api/types";

export interface Sitting {
  number: number;
  steps: Step[];
  /** Minutes from its first step to the end of its last. */
  minutes: number;
  /** Minutes until the next one can begin; null after the last. */
  wait: number | null;
}

export function sittings(steps: readonly Step[]): Sitting[] {
  const numbers = [...new Set(steps.map((step) => step.sitting))];
  const found = numbers.map((number) => {
    const own = steps.filter((step) => step.sitting === number);
    return { number, steps: own, begin: own[0]!.begin, end: ended(own.at(-1)!) };
  });
  return found.map(({ number, steps: own, begin, end }, k) => {
    const next = found[k + 1];
    return { number, steps: own, minutes: end - begin, wait: next ? next.begin - end : null };
  });
}

function ended(step: Step): number {
  return step.begin + step.minutes[0];
}
