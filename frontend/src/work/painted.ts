/** A plan as far as it is painted: what comes after a step is left out of the picture. */
import type { Plan, Step } from "../api/types";

const NOT_YET = Number.POSITIVE_INFINITY; // a dot that no part of the picture comes to

export function paintedUntil(plan: Plan, steps: readonly Step[], last: Step): Plan {
  const dots = new Set<number>();
  const marks = new Set<number>();
  for (const step of steps.slice(0, steps.indexOf(last) + 1)) {
    for (const dot of step.dots) dots.add(dot);
    for (const mark of step.marks) marks.add(mark);
  }
  return {
    ...plan,
    dots: {
      ...plan.dots,
      shade: [...plan.dots.shade], // pictures are kept by this column
      level: plan.dots.level.map((level, k) => (dots.has(k) ? level : 0)),
    },
    marks: {
      ...plan.marks,
      dot: plan.marks.dot.map((dot, k) => (marks.has(k) ? dot : NOT_YET)),
    },
  };
}
