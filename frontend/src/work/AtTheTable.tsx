/** What was done at the table: sittings, whose minutes can be put right, what happened, and what is to be mended. */
import { Button } from "@mantine/core";
import { fieldsOf } from "../api/facts";
import type { Book, Piece } from "../api/types";
import type { Session } from "../piece/session";
import { NumberField } from "../studio/NumberField";
import { spokenText, useUnits } from "../studio/units";
import type { TableBook } from "../table/book";
import { clock } from "../table/clock";
import { useMishaps } from "../table/Mishaps";
import { long } from "./times";

interface Props {
  session: Session;
  piece: Piece;
  table: TableBook;
  book: Book;
}

const MINUTES = fieldsOf("Corrected").minutes!;

export function AtTheTable({ session, piece, table, book }: Props) {
  const units = useUnits((state) => state.units);
  const names = new Map(useMishaps().map(({ id, name }) => [id, name]));
  const { repairs } = piece.work;
  if (book.sittings.length === 0 && repairs.length === 0) return null;
  const total = book.sittings.reduce((sum, one) => sum + one.minutes, 0);
  const drop = (id: string) =>
    session.edit("Leave a place as it is", (now) => ({
      ...now,
      work: { ...now.work, repairs: now.work.repairs.filter((one) => one.id !== id) },
    }));
  return (
    <section className="work-log" aria-label="At the table">
      {book.sittings.length > 0 && <h2>At the table: {long(total)}</h2>}
      {book.sittings.map((one) => (
        <div key={one.number} className="work-sitting">
          <p className="small">
            <strong>{clock(one.begin)}</strong>
            {one.end === null ? ", going on" : ` to ${clock(one.end)}`}
            <br />
            <span className="quiet">
              {one.steps} {one.steps === 1 ? "step" : "steps"}
              {one.happened > 0 && `, ${one.happened} happened`}
              {one.corrected && ", put right"}
            </span>
          </p>
          <NumberField
            name={`Minutes of sitting ${one.number}`}
            value={Math.round(one.minutes)}
            {...MINUTES}
            width={84}
            unit="min"
            onChange={(minutes) => table.tell({ kind: "corrected", sitting: one.number, minutes })}
          />
        </div>
      ))}
      {book.happened.length > 0 && <h2>What happened</h2>}
      {book.happened.map((one) => (
        <p key={`${one.at} ${one.what}`} className="small">
          {clock(one.at)}: {names.get(one.what) ?? one.what}
          {one.where && `, ${one.where}`}
          {one.note && `; ${one.note}`}
        </p>
      ))}
      {repairs.length > 0 && <h2>To be mended</h2>}
      {repairs.map((one) => (
        <p key={one.id} className="small work-repair">
          {spokenText(one.where, units)}: {one.kind}
          <Button size="compact-xs" variant="subtle" onClick={() => drop(one.id)}>
            Leave it as it is
          </Button>
        </p>
      ))}
    </section>
  );
}
