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

export function useTried(session: Session): { tryBlank: TryBlank; wrong: string | null } {
  const { wrong } = useRefusal();
  const tryBlank = useCallback(
    (label: string, change: BlankChange) => {
      session
        .asked(label, (piece) => tried(piece, change))
        .catch((cause: Error) => {
          useRefusal.setState({ wrong: cause.message });
        });
    },
    [session],
  );
  return { tryBlank, wrong };
}

/** A refusal leaves the piece as it was. */
async function tried(piece: Piece, change: BlankChange): Promise<{ piece: Piece }> {
  const part = typeof change === "function" ? await change(piece.blank) : change;
  const body = { ...piece, blank: { ...piece.blank, ...part } };
  await need(client.POST("/api/blank", { body }));
  useRefusal.setState({ wrong: null });
  return { piece: body };
}
