/** Edits of motifs: each is one step, made of the piece as it then stands. */
import { client, need } from "../api/client";
import type { Motif, MotifAnswer, Plan } from "../api/types";
import { withoutRows } from "../piece/edits";
import type { Session } from "../piece/session";

export function motifOf(plan: Plan, id: string | null): MotifAnswer | undefined {
  return plan.motifs.find((motif) => motif.id === id);
}

/** One more motif, where most room is left; its centre is picked. */
export async function addMotif(session: Session): Promise<void> {
  let first = -1;
  await session.askedOrTold("Add a motif", async (piece) => {
    const grown = await need(client.POST("/api/motif", { body: piece }));
    first = piece.rows.length;
    return { piece: grown, mark: grown.rows[first]?.id };
  });
  if (first >= 0 && session.piece?.rows[first]) session.pick(first);
}

export function changeMotif(session: Session, id: string, label: string, part: Partial<Motif>): void {
  session.edit(label, (piece) => ({
    ...piece,
    motifs: piece.motifs.map((one) => (one.id === id ? { ...one, ...part } : one)),
  }));
}

/** The motif with all its rows goes. */
export function removeMotif(session: Session, id: string): void {
  session.pick(null);
  session.edit("Remove the motif", (piece) => {
    const gone = new Set(piece.rows.filter((row) => row.motif === id).map((row) => row.id));
    return { ...withoutRows(piece, gone), motifs: piece.motifs.filter((one) => one.id !== id) };
  });
}

/** As wide as it gets in that width, with dots of the piece's own tools. */
export function resizeMotif(session: Session, id: string, across: number): Promise<void> {
  return session.askedOrTold("Refit the motif", async (piece) => ({
    piece: await need(client.POST("/api/motif/size", { body: { piece, motif: id, across } })),
  }));
}
