/** What an event does to what is shown, until the server's own book comes back with it. */
import type { Book, Told, ToldEvent } from "../api/types";

type Does = {
  [Kind in Told["kind"]]?: (book: Book, what: Extract<Told, { kind: Kind }>, page: string, at: number) => Book;
};

const DOES: Does = {
  lead: (book, _, page) => ({ ...book, lead: { page, name: book.lead?.page === page ? book.lead.name : "this page" } }),
  pause: (book) => ({ ...book, resting: true }),
  resume: (book) => ({ ...book, resting: false }),
  done: (book, what, _, at) =>
    book.done.some(({ step }) => step === what.step)
      ? book
      : {
          ...book,
          resting: false,
          done: [...book.done, { step: what.step, words: what.words ?? "", at }],
          timers: [
            ...book.timers,
            ...(what.dries ?? []).map(({ state, minutes }) => ({
              step: what.step,
              state,
              words: what.words ?? "",
              frees: [], // the server says so
              begun: at,
              due: at + 60 * minutes,
              ended: null,
            })),
          ],
        },
  undone: (book, { step }) => ({
    ...book,
    done: book.done.filter((one) => one.step !== step),
    timers: book.timers.filter((one) => one.step !== step),
  }),
  dry: over,
  skip: over,
};

/** Nothing more is waited for of what a step left. */
function over(book: Book, { step, state }: { step: string; state: string }, _: string, at: number): Book {
  const its = (one: { step: string; state: string }) => one.step === step && one.state === state;
  const done = book.done.find((one) => one.step === step);
  if (done && !book.timers.some(its)) {
    const timer = { step, state: state as "top", words: done.words, frees: [], begun: done.at, due: at, ended: at };
    return { ...book, timers: [...book.timers, timer] };
  }
  return { ...book, timers: book.timers.map((one) => (its(one) && one.ended === null ? { ...one, ended: at } : one)) };
}

export function told(book: Book, { what, page }: ToldEvent, at: number): Book {
  const does = DOES[what.kind] as ((book: Book, what: Told, page: string, at: number) => Book) | undefined;
  return does?.(book, what, page, at) ?? book;
}
