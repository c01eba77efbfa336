/** A piece: the stone, the row sheet and the spoke, linked. */
import { useStore } from "zustand";
import { Lost } from "../studio/Lost";
import { Opening } from "../studio/Opening";
import { Shell } from "../studio/Shell";
import { Instruments } from "./Instruments";
import "./piece.css";
import { Strip } from "./Strip";
import type { Session } from "./session";
import { useUndoKeys } from "./useKeys";
import { useSession } from "./useSession";

export function PieceScreen({ id }: { id: string }) {
  const session = useSession(id);
  const piece = useStore(session.ledger.store, (state) => state.document);
  const lost = useStore(session.ledger.store, (state) => state.lost);
  const plan = useStore(session.sight, (state) => state.plan);
  useUndoKeys(session.ledger);
  if (lost) return <Lost why={lost} />;
  if (!piece)
    return (
      <Shell title="Piece">
        <Opening />
      </Shell>
    );
  return (
    <Shell title={piece.name} strip={<Strip session={session} piece={piece} />}>
      {plan ? <Instruments session={session} piece={piece} plan={plan} /> : <Waiting session={session} />}
    </Shell>
  );
}

/** Until the first plan is there, or why there is none. */
function Waiting({ session }: { session: Session }) {
  const problem = useStore(session.sight, (state) => state.problem);
  return <main className="page quiet">{problem ?? "Calculating…"}</main>;
}
