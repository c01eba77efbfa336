/** A change of the blank that is asked about first: measures that cannot be are refused with a sentence beside them. */
import { useCallback } from "react";
import { create } from "zustand";
import { client, need } from "../api/client";
import type { Blank, Piece } from "../api/types";
import type { Session } from "../piece/session";

/** What is to change, worked out from the blank as it stands when its turn comes. */
export type BlankChange = Partial<Blank> | ((now: Blank) => Partial<Blank> | Promise<Partial<Blank>>);
export type TryBlank = (label: string, change: BlankChange) => void;

const useRefusal = create<{ wrong: string | null }>(() => ({ wrong: null }));
const turns = new WeakMap<Session, Promise<void>>();

export function useTried(session: Session): { tryBlank: TryBlank; wrong: string | null } {
  const { wrong } = useRefusal();
  const tryBlank = useCallback(
    (label: string, change: BlankChange) => {
      const before = turns.get(session) ?? Promise.resolve();
      const turn = () => before.then(() => tried(session, label, change));
      turns.set(session, session.ledger.whileAsking(turn));
    },
    [session],
  );
  return { tryBlank, wrong };
}

/** A refusal leaves the piece as it was. */
async function tried(session: Session, label: string, change: BlankChange): Promise<void> {
  const { piece } = session;
  if (!piece) return;
  try {
    const part = typeof change === "function" ? await change(piece.blank) : change;
    await need(client.POST("/api/blank", { body: withBlank(piece, part) }));
    useRefusal.setState({ wrong: null });
    session.edit(label, (now) => withBlank(now, part));
  } catch (cause) {
    useRefusal.setState({ wrong: (cause as Error).message });
  }
}

function withBlank(piece: Piece, part: Partial<Blank>): Piece {
  return { ...piece, blank: { ...piece.blank, ...part } };
}
