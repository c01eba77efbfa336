/** The strip above the table: how far it is, whether it is kept, and pause. */
import { Link } from "wouter";
import type { Book, Piece, Told, Work } from "../api/types";
import type { Session } from "../piece/session";
import { long } from "../work/times";
import type { Standing } from "./standing";
import { TableKeys } from "./TableKeys";
import { useAwake } from "./useAwake";
import { hasVoice, useVoice } from "./voice";

interface Props {
  session: Session;
  piece: Piece;
  book: Book;
  leads: boolean;
  now: Standing;
  work: Work;
  away: boolean;
  waiting: number;
  tell: (...what: Told[]) => void;
}

export function TableTop({ session, piece, book, leads, now, work, away, waiting, tell }: Props) {
  const awake = useAwake();
  const voice = useVoice();
  const sitting = (now.now ?? now.next)?.sitting;
  const sittings = work.steps.at(-1)?.sitting ?? 1;
  const minutes = now.left.filter((step) => step.sitting === sitting).reduce((sum, step) => sum + step.minutes[0], 0);
  return (
    <header className="table-top">
      <Link href={`/piece/${session.ledger.ident}/steps`} className="plainlink">
        Steps
      </Link>
      <strong>
        <bdi>{piece.name}</bdi>
      </strong>
      {sitting !== undefined && (
        <span className="quiet figures">
          Sitting {sitting} of {sittings}, {long(minutes)} of work left in it
        </span>
      )}
      <span className="grow" />
      {away && (
        <span role="status" className="table-away">
          No connection: go on, {waiting === 0 ? "everything is kept" : `${waiting} kept here`}. Do not reload this
          page.
        </span>
      )}
      {awake === "neither" && <span role="status">This screen may go dark: set it to stay on.</span>}
      {hasVoice() && (
        <button type="button" className="table-small" aria-pressed={voice.on} onClick={voice.toggle}>
          {voice.on ? "Voice on" : "Voice off"}
        </button>
      )}
      <TableKeys />
      {leads && !book.resting && (
        <button type="button" className="table-small" onClick={() => tell({ kind: "pause" })}>
          Pause
        </button>
      )}
    </header>
  );
}
