/** What the fields of a row and of its trims are given, and how they change the row. */
import type { Piece, PlanRow, Row, Trim } from "../api/types";
import { withRow } from "../piece/edits";
import type { Session } from "../piece/session";
import type { RampColours } from "./shades";

export interface RowProps {
  session: Session;
  piece: Piece;
  row: Row;
  index: number;
  mark: string;
  planned: PlanRow | undefined;
  ramps: RampColours;
  /** Whether the blank is a ball or egg, and the walk to its edge. */
  closed: boolean;
  rim: number;
  /** What the distance from the centre is called on this blank. */
  walk: string;
}

export interface TrimListProps extends RowProps {
  trims: Trim[];
  path: number[];
  /** Number of the first of these among all trims of the row. */
  first: number;
}

export interface TrimProps extends TrimListProps {
  trim: Trim;
  place: number;
  number: number;
  set: (trim: Trim) => void;
  drop: () => void;
}

/** An edit of one field of a row. */
export function changeRow({ session, index, row }: RowProps, label: string, part: Partial<Row>): void {
  session.edit(label, (piece) => withRow(piece, index, part), row.id);
}

/** An edit of a row that the server works out from the piece as it then stands, wherever the row is by then. */
export function askedOfRow(
  { session, row }: RowProps,
  label: string,
  ask: (piece: Piece, place: number) => Promise<Piece>,
): Promise<void> {
  return session.askedOrTold(label, async (piece) => {
    const place = piece.rows.findIndex((one) => one.id === row.id);
    return place < 0 ? null : { piece: await ask(piece, place), mark: row.id };
  });
}
