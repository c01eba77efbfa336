/** Before the work, in a pause, and after it. */
import type { Book, Told } from "../api/types";
import { long } from "../work/times";

export function Gate({ book, onLead }: { book: Book; onLead: () => void }) {
  const other = book.lead !== null;
  return (
    <>
      <p className="table-words">{other ? `Steps are marked on ${book.lead!.name}.` : "Ready to sit down?"}</p>
      <p>
        {other
          ? "This page shows how the work goes on. One touch, and steps are marked here instead."
          : "The sitting is recorded by itself. Every step is one touch; what happened can be told as well."}
      </p>
      <p className="table-answers">
        <button type="button" className="table-act main" onClick={onLead}>
          {other ? "Mark steps here" : book.done.length > 0 ? "Go on with the work" : "Begin the work"}
        </button>
      </p>
    </>
  );
}

export function Resting({ tell }: { tell: (...what: Told[]) => void }) {
  return (
    <>
      <p className="table-words">A pause. What dries goes on drying.</p>
      <p className="table-answers">
        <button type="button" className="table-act main" onClick={() => tell({ kind: "resume" })}>
          Go on
        </button>
        <button type="button" className="table-act" onClick={() => tell({ kind: "leave" })}>
          End the sitting
        </button>
      </p>
    </>
  );
}

export function Finished({ book }: { book: Book }) {
  const minutes = book.sittings.reduce((sum, one) => sum + one.minutes, 0);
  return (
    <>
      <p className="table-words">Finished.</p>
      <p>
        {book.done.length} steps in {book.sittings.length === 1 ? "one sitting" : `${book.sittings.length} sittings`},{" "}
        {long(minutes)} at the table.
      </p>
    </>
  );
}
