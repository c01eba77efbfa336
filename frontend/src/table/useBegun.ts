/** Rows of which something is done are begun: they stay on the piece as they are, in its document. */
import { useEffect, useRef } from "react";
import { client, need } from "../api/client";
import type { Book, Piece } from "../api/types";
import { withChanges } from "../piece/edits";
import type { Session } from "../piece/session";
import type { Steps } from "./useSteps";

export function useBegun(session: Session, { work }: Steps, book: Book, leads: boolean): void {
  const asking = useRef(false);
  const { piece } = session;
  useEffect(() => {
    if (!leads || !piece || asking.current) return;
    const begun = notYet(piece, work, book);
    if (begun.length === 0) return;
    asking.current = true;
    const keep = session.asked("Begin painting", async (now) => {
      const changes = await need(client.POST("/api/painted/begun", { body: { piece: now, begun } }));
      return changes.length > 0 ? { piece: withChanges(now, changes) } : null;
    });
    // what the network or the server does not take now is tried again with the next step
    keep
      .catch(() => undefined)
      .finally(() => {
        asking.current = false;
      });
  }, [session, piece, work, book, leads]);
}

/** Rows and trims that are done in part, and that the document does not know as painted. */
function notYet(piece: Piece, work: Steps["work"], book: Book): { row: string; trims: string[] }[] {
  const done = new Set(book.done.map(({ step }) => step));
  const rows = new Map<string, Set<string>>();
  for (const step of work.steps) {
    if (!done.has(step.id) || !step.row || (step.dots.length === 0 && step.marks.length === 0)) continue;
    const trims = rows.get(step.row) ?? new Set();
    if (step.trim) trims.add(step.trim);
    rows.set(step.row, trims);
  }
  return [...rows].flatMap(([row, trims]) => {
    const found = piece.rows.find(({ id }) => id === row);
    if (!found) return [];
    const known = new Set(found.painted?.trims ?? []);
    const fresh = [...trims].filter((trim) => !known.has(trim));
    return found.painted && fresh.length === 0 ? [] : [{ row, trims: fresh }];
  });
}
