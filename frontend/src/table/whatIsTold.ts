/** A step that is done, as it is told: what it leaves wet, which steps that frees, and what comes after it. */
import type { Book, Step, Told, Work } from "../api/types";
import { spokenText, type Units } from "../studio/units";
import { needs, standing } from "./standing";

const MOST_WORDS = 400;
const MOST_FREED = 12;
const MOST_NEEDS = 12; // a step that needs more than these does not come next

export function doneWith(work: Work, book: Book, step: Step, units: Units, at: number): Told {
  const words = (one: Step) => cut(spokenText(one.words, units));
  const told = { step: step.id, words: "", at };
  const after: Book = { ...book, done: [...book.done, told] };
  const steps = new Map(work.steps.map((one) => [one.id, one]));
  const needsOf = needs(work, after);
  const waiting = (ident: string) => {
    const found = steps.get(ident)!;
    return { step: ident, words: words(found), needs: needsOf(found) };
  };
  return {
    kind: "done",
    step: step.id,
    words: words(step),
    kind_of_step: step.kind,
    usual: step.usual,
    body: (step.body ?? "medium") as "medium",
    medium: (step.medium ?? "none") as "none",
    dries: step.leaves.map(({ state, minutes, usual, frees }) => ({
      state,
      minutes,
      usual,
      frees: frees
        .map(waiting)
        .filter((one) => one.needs.length <= MOST_NEEDS)
        .slice(0, MOST_FREED),
    })),
    next: { last: step.stage, ...nextOf(work, after, at) },
  };
}

/** Where the piece is after this. */
export function nextOf(work: Work, book: Book, at: number) {
  const { next, left, waits } = standing(work, book, at);
  const wait = Math.max(((waits[0]?.due ?? at) - at) / 60, 0);
  const sittings = work.steps.at(-1)?.sitting ?? 0;
  return { stage: next?.stage ?? "done", sitting: next?.sitting ?? sittings, sittings, left: left.length, wait };
}

function cut(text: string): string {
  return text.length > MOST_WORDS ? `${text.slice(0, MOST_WORDS - 1)}…` : text;
}
