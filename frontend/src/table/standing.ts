/** Where the work stands: which step comes now, what it waits for, which steps were overtaken by others. */
import type { Book, Step, Work } from "../api/types";

export interface Wait {
  /** The step that left it wet, and for what it must be dry. */
  step: string;
  state: Step["after"][number]["state"];
  words: string;
  /** Seconds since 1970. */
  due: number;
}

export interface Standing {
  /** Steps that are still to be done, in the order of the work. */
  left: Step[];
  /** What to do now: null where everything is done, or everything waits. */
  now: Step | null;
  /** What the next step waits for, the last to be dry first; none where something can be done. */
  waits: Wait[];
  /** The step that would come next, once nothing is waited for. */
  next: Step | null;
}

export function standing(work: Work, book: Book, at: number): Standing {
  const done = new Map(book.done.map((one) => [one.step, one.at]));
  const gone = overtaken(work, done);
  const left = work.steps.filter((step) => !done.has(step.id) && !gone.has(step.id));
  const words = new Map(work.steps.map((step) => [step.id, step.words]));
  const glued = left.find((step) => step.within.some((one) => done.has(one.step)));
  if (glued) return { left, now: glued, waits: [], next: glued }; // it cannot wait, whatever else could be done
  let next: { step: Step; waits: Wait[] } | null = null;
  for (const step of left) {
    const waits = waitsOf(step, book, done, gone, words, at);
    if (waits === null) continue;
    if (waits.length === 0) return { left, now: step, waits, next: step };
    if (!next || waits[0]!.due < next.waits[0]!.due) next = { step, waits };
  }
  return { left, now: null, waits: next?.waits ?? [], next: next?.step ?? null };
}

/** What a step still waits for; null while steps before it are not done. */
function waitsOf(
  step: Step,
  book: Book,
  done: ReadonlyMap<string, number>,
  gone: ReadonlySet<string>,
  words: ReadonlyMap<string, string>,
  at: number,
): Wait[] | null {
  const found: Wait[] = [];
  for (const one of step.after) {
    const since = done.get(one.step);
    if (since === undefined) {
      if (gone.has(one.step)) continue;
      return null;
    }
    const timer = book.timers.find((own) => own.step === one.step && own.state === one.state);
    if (one.state === null || (timer?.ended ?? null) !== null) continue;
    const due = timer ? timer.due : since + 60 * one.wait;
    if (due > at) found.push({ step: one.step, state: one.state, words: words.get(one.step) ?? "", due });
  }
  return found.sort((one, other) => other.due - one.due);
}

/** For each step what it needs besides what is done and leaves nothing wet for it. */
export function needs(work: Work, book: Book): (step: Step) => { step: string; state: Wait["state"] }[] {
  const done = new Map(book.done.map((one) => [one.step, one.at]));
  const gone = overtaken(work, done);
  return ({ after }) =>
    after
      .filter((one) => !gone.has(one.step) && !(one.state === null && done.has(one.step)))
      .map(({ step, state }) => ({ step, state }));
}

/** Steps before others that are done already: they come too late to be done, unless they paint what is not there yet. */
function overtaken(work: Work, done: ReadonlyMap<string, number>): Set<string> {
  const after = new Map(work.steps.map((step) => [step.id, step.after.map((one) => one.step)]));
  const found = new Set<string>();
  const todo = [...done.keys()];
  while (todo.length > 0) {
    for (const before of after.get(todo.pop()!) ?? [])
      if (!found.has(before)) {
        found.add(before);
        todo.push(before);
      }
  }
  for (const step of done.keys()) found.delete(step);
  for (const step of work.steps) if (paints(step)) found.delete(step.id);
  return found;
}

/** A tail that was not pulled in time is none. */
function paints({ dots, marks, within }: Step): boolean {
  return within.length === 0 && dots.length + marks.length > 0;
}
