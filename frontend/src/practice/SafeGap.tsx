/** The gap that the hand is safe at by its practice sheets, offered as the piece's own. */
import { Button } from "@mantine/core";
import type { Piece } from "../api/types";
import type { Session } from "../piece/session";
import { spokenLength, useUnits } from "../studio/units";
import { latest, offeredGap, useSteadiness } from "./useSteadiness";

export function SafeGap({ session, piece }: { session: Session; piece: Piece }) {
  const units = useUnits((state) => state.units);
  const own = latest(useSteadiness("row")).filter((one) => piece.tools.some((tool) => tool.id === one.tool));
  if (own.length === 0) return null;
  const widest = own.reduce((most, one) => (one.gap > most.gap ? one : most));
  const gap = offeredGap(widest);
  const tool = piece.tools.find(({ id }) => id === widest.tool)!;
  return (
    <p className="small">
      By your practice sheets one pair in {widest.one_in} touches at a gap of {spokenLength(gap, units)} ({tool.name},
      the least steady of this piece).{" "}
      {gap !== piece.safe_gap && (
        <Button
          size="compact-xs"
          variant="light"
          onClick={() => session.edit("Take the safe gap of practice", (now) => ({ ...now, safe_gap: gap }))}
        >
          Make it the safe gap
        </Button>
      )}
    </p>
  );
}
