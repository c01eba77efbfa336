/** Edits of documents: each makes a new one, the old is left as it was. */
import type { Change, Piece, Row, Trim } from "../api/types";

/** Set values at paths, as remedies and alternatives ask. */
export function withChanges<T>(document: T, changes: Change[]): T {
  return changes.reduce((node, change) => set(node, change.path, change.value) as T, document);
}

function set(node: unknown, path: (string | number)[], value: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return value;
  if (Array.isArray(node) && typeof step === "number") {
    const copy = [...node];
    copy[step] = set(node[step], rest, value);
    return copy;
  }
  const object = (node ?? {}) as Record<string, unknown>;
  return { ...object, [step]: set(object[step], rest, value) };
}

export function withRow(piece: Piece, index: number, part: Partial<Row>): Piece {
  return { ...piece, rows: piece.rows.map((row, k) => (k === index ? { ...row, ...part } : row)) };
}

/** Changes to the row's trims, found by their path of places. */
export function withTrims(trims: readonly Trim[], path: readonly number[], change: (list: Trim[]) => Trim[]): Trim[] {
  const [first, ...rest] = path;
  if (first === undefined) return change([...trims]);
  return trims.map((trim, k) =>
    k === first && "trims" in trim ? ({ ...trim, trims: withTrims(trim.trims as Trim[], rest, change) } as Trim) : trim,
  );
}

/** Without the rows of these ids, which nothing names any more. */
export function withoutRows(piece: Piece, gone: ReadonlySet<string>): Piece {
  const left = (ids: readonly string[]) => ids.filter((id) => !gone.has(id));
  const rows = piece.rows
    .filter((row) => !gone.has(row.id))
    .map((row) => (row.track.kind === "gaps" ? { ...row, track: { ...row.track, rows: left(row.track.rows) } } : row));
  return { ...piece, rows, guides: { ...piece.guides, at_rows: left(piece.guides.at_rows) } };
}

export function withRowAt(piece: Piece, index: number, row: Row): Piece {
  return { ...piece, rows: [...piece.rows.slice(0, index), row, ...piece.rows.slice(index)] };
}

/** The row moved by one place inward (-1) or outward (+1); null at the ends. */
export function withRowMoved(piece: Piece, index: number, by: -1 | 1): Piece | null {
  const row = piece.rows[index];
  const other = piece.rows[index + by];
  if (!row || !other) return null;
  const rows = [...piece.rows];
  rows[index] = other;
  rows[index + by] = row;
  return { ...piece, rows };
}

/** stem-1, stem-2 ...: the first that is not taken. */
export function freshId(stem: string, taken: readonly { id: string }[]): string {
  const ids = new Set(taken.map((one) => one.id));
  for (let n = 1; ; n++) if (!ids.has(`${stem}-${n}`)) return `${stem}-${n}`;
}

/** What changes in a row without this dot of its pattern: no trim sits on it any more. */
export function withoutMember(row: Row, place: number): Partial<Row> {
  const gone = row.pattern[place]!.id;
  const trims = row.trims.map((trim) => ({ ...trim, on: trim.on.filter((id) => id !== gone) }));
  return { pattern: row.pattern.filter((_, k) => k !== place), trims };
}

/** The row again, with ids of its own for everything in it. */
export function copied(row: Row, id: string): Row {
  let trims = 0;
  const dots = new Map(row.pattern.map((member, k) => [member.id, `dot-${k + 1}`]));
  const renamed = (list: readonly Trim[]): Trim[] =>
    list.map((trim) => {
      const own = { ...trim, id: `trim-${++trims}`, on: trim.on.map((id) => dots.get(id) ?? id) } as Trim;
      return "trims" in own ? ({ ...own, trims: renamed(own.trims as Trim[]) } as Trim) : own;
    });
  return {
    ...row,
    painted: null, // a copy is not on the piece yet
    id,
    pattern: row.pattern.map((member) => ({ ...member, id: dots.get(member.id)! })),
    trims: renamed(row.trims as Trim[]) as Row["trims"],
  };
}
