/** A plan as the piece is now: painted, still wet, or only planned and pale. */
import type { Book, Plan, Work } from "../api/types";
import { channels, PLANNED } from "../stone/paint";

const PALE = 0.72; // share of the base coat in a dot that is not painted yet

export interface Looks {
  painted: ReadonlySet<string>;
  wet: ReadonlySet<string>;
}

/** Which steps are painted, and of these which are not touch-dry yet. */
export function looks(book: Book, at: number): Looks {
  const painted = new Set(book.done.map(({ step }) => step));
  const open = book.timers.filter(({ state, ended, due }) => state === "touch" && ended === null && due > at);
  const untimed = book.done.filter(
    ({ step, at: since }) => since + 60 > at && !book.timers.some((one) => one.step === step),
  );
  return { painted, wet: new Set([...open, ...untimed].map(({ step }) => step)) };
}

/** The part of the step that comes now counts as painted up to `upTo` of its dots. */
export function asItIs(
  plan: Plan,
  work: Work,
  { painted, wet }: Looks,
  now: string | null,
  upTo: number,
  base: string,
): Plan {
  const n = plan.shades.length;
  const shades = [
    ...plan.shades,
    ...plan.shades.map((one) => ({ ...one, colour: paled(one.colour, base), finish: PLANNED })),
    ...plan.shades.map((one) => ({ ...one, finish: "wet" })),
  ];
  const dots = new Uint8Array(plan.dots.shade.length).fill(1);
  const marks = new Uint8Array(plan.marks.dot.length).fill(1);
  for (const step of work.steps) {
    const look = wet.has(step.id) ? 2 : painted.has(step.id) ? 0 : 1;
    for (const dot of step.dots) dots[dot] = look;
    for (const mark of step.marks) marks[mark] = look;
    if (step.id === now) for (const dot of step.dots.slice(0, upTo)) dots[dot] = 2;
  }
  return {
    ...plan,
    shades: shades as Plan["shades"],
    dots: { ...plan.dots, shade: plan.dots.shade.map((shade, k) => shade + n * dots[k]!) },
    marks: {
      ...plan.marks,
      shade: plan.marks.shade.map((shade, k) => shade + n * marks[k]!),
      // a dot that was set and not pulled yet is a dot
      pulled: plan.marks.pulled.map((pulled, k) => pulled && (marks[k] !== 1 || dots[plan.marks.dot[k]!] === 1)),
    },
  };
}

function paled(colour: string, base: string): string {
  const [one, other] = [channels(colour), channels(base)];
  const mixed = one.map((part, k) => Math.round(part + (other[k]! - part) * PALE));
  return `#${mixed.map((part) => part.toString(16).padStart(2, "0")).join("")}`;
}
