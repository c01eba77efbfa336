/** The plan as it is seen from the centre that a row stands round: the piece's own, or that of its motif. */
import type { Piece, Plan } from "../api/types";

const ROOMY = 1.6; // of the motif's width is shown, where the border lies further away

export interface Seen {
  plan: Plan;
  piece: Piece;
  /** Null for the piece's own centre. */
  motif: string | null;
}

export function seenFrom(plan: Plan, piece: Piece, row: number | null): Seen {
  const id = (row === null ? null : piece.rows[row]?.motif) ?? null;
  const rule = piece.motifs.find((one) => one.id === id);
  const found = plan.motifs.find((one) => one.id === id);
  if (!rule || !found) return { plan, piece, motif: null };
  const column = (values: number[]) => {
    const all = new Array<number>(plan.dots.x.length).fill(Number.NaN);
    found.seen.dot.forEach((dot, k) => {
      all[dot] = values[k]!;
    });
    return all;
  };
  const { seen, limit, outer } = found;
  const rim = Math.max(Math.min(limit, ROOMY * outer), outer);
  const dots = { ...plan.dots, x: column(seen.x), y: column(seen.y), walk: column(seen.walk) };
  return {
    plan: { ...plan, dots, rim, limit, circles: [], blank: { ...plan.blank, half: [rim] } },
    piece: { ...piece, segments: rule.segments, turn: rule.turn },
    motif: id,
  };
}

/** Whether a row stands round this centre. */
export function standsRound(piece: Piece, index: number, motif: string | null): boolean {
  return (piece.rows[index]?.motif ?? null) === motif;
}
