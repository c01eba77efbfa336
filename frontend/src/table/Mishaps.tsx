/** Something happened: what it was, what to do now and later, and what the plan makes of it. */
import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { client, need } from "../api/client";
import type { Book, Mishap, Piece, Step, Told } from "../api/types";
import type { Session } from "../piece/session";
import { MishapCard } from "./MishapCard";
import type { Steps } from "./useSteps";

export interface MishapProps {
  session: Session;
  piece: Piece;
  steps: Steps;
  book: Book;
  step: Step | null;
  tell: (...what: Told[]) => void;
  onClose: () => void;
}

/** Asked for once, so that it is there when the network is not. */
export function useMishaps(): Mishap[] {
  const asked = useQuery({
    queryKey: ["mishaps"],
    queryFn: () => need(client.GET("/api/table/mishaps")),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
  });
  return asked.data ?? [];
}

export function Mishaps(props: MishapProps) {
  const all = useMishaps();
  const [chosen, setChosen] = useState<Mishap | null>(null);
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog ref={dialog} className="table-dialog" aria-label="Something happened" onClose={props.onClose}>
      {chosen ? (
        <MishapCard {...props} mishap={chosen} onBack={() => setChosen(null)} />
      ) : (
        <>
          <h1>What happened?</h1>
          <div className="table-grid">
            {all.map((one) => (
              <button key={one.id} type="button" className="table-act" onClick={() => setChosen(one)}>
                {one.name}
              </button>
            ))}
            <button type="button" className="table-act main" onClick={props.onClose}>
              Nothing, go on
            </button>
          </div>
        </>
      )}
    </dialog>
  );
}
