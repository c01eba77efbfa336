/** What was marked here before the studio was restored from a copy: it is kept until the artist decides. */
import type { TableBook } from "./book";

export function Restored({ table, count }: { table: TableBook; count: number }) {
  const what = count === 1 ? "1 thing marked at this table is" : `${count} things marked at this table are`;
  return (
    <section className="table-restored" aria-label="Set aside">
      <p>The studio was restored from a copy. {what} set aside here.</p>
      <button type="button" className="table-act" onClick={() => table.addAside()}>
        Add to this copy
      </button>
      <button type="button" className="table-act" onClick={() => table.leaveAsideOut()}>
        Leave out
      </button>
    </section>
  );
}
