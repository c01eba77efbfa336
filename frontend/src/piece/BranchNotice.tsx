/** When two windows changed the piece: nothing is merged, the artist chooses. */
import { Button } from "@mantine/core";
import { useLocation } from "wouter";
import { useStore } from "zustand";
import { tell, tellProblem } from "../studio/notice";
import type { Session } from "./session";

export function BranchNotice({ session }: { session: Session }) {
  const place = useStore(session.ledger.store, (state) => state.place);
  const [, go] = useLocation();
  if (!place || place.branches.length < 2) return null;
  const here = place.branch;
  const other = place.branches.find((branch) => branch !== here)!;
  const aside = here === place.main ? other : here;
  const choose = (branch: string) => session.ledger.choose(branch).catch(tellProblem);
  const both = async () => {
    try {
      const made = await session.ledger.separate(aside);
      tell("Both are on the Bench now.");
      if (aside === here) go(`/piece/${made}`);
      else await session.ledger.load();
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <div className="branch-notice" role="alert">
      <span>
        This piece was changed in another window too. Nothing is lost: both ways are kept.
        {here !== place.main && " You are going on with the newer change."}
      </span>
      <Button size="xs" variant="light" onClick={() => choose(here)}>
        Keep what I see
      </Button>
      <Button size="xs" variant="light" onClick={() => choose(other)}>
        Take the other
      </Button>
      <Button size="xs" variant="light" onClick={() => void both()}>
        Keep both as pieces
      </Button>
    </div>
  );
}
