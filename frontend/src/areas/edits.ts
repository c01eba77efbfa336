/** Edits of areas that change more than the area. */
import type { BareArea, Piece, Track } from "../api/types";

/** Without this area, which nothing names any more. */
export function withoutArea(piece: Piece, gone: string): Piece {
  const left = (ids: readonly string[]) => ids.filter((id) => id !== gone);
  const bare = piece.bare
    .filter((area) => area.id !== gone)
    .map((area) => (area.under.includes(gone) ? { ...area, under: left(area.under) } : area));
  const rows = piece.rows.map((row) => {
    const { areas } = row.track as { areas?: string[] };
    return areas?.includes(gone) ? { ...row, track: { ...row.track, areas: left(areas) } as Track } : row;
  });
  return { ...piece, bare, rows };
}

export function withArea(piece: Piece, id: string, area: BareArea["area"]): Piece {
  return { ...piece, bare: piece.bare.map((one) => (one.id === id ? { ...one, area } : one)) };
}
