/** The gap that the hand is safe at by its practice sheets, offered as the piece's own. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Piece } from "../api/types";
import type { Session } from "../piece/session";
import { spokenLength, useUnits } from "../studio/units";

const STEPS = 20; // of a millimetre, that an offered gap is rounded up to

export function SafeGap({ session, piece }: { session: Session; piece: Piece }) {
  const units = useUnits((state) => state.units);
  const told = useQuery({
    queryKey: ["practice", "steadiness"],
    queryFn: ({ signal }) => need(client.GET("/api/practice/steadiness", { signal })),
  });
  const rows = (told.data ?? []).filter(
    (one) => one.technique === "row" && piece.tools.some((tool) => tool.id === one.tool),
  );
  const latest = [...new Map(rows.map((one) => [one.tool, one])).values()];
  if (latest.length === 0) return null;
  const widest = latest.reduce((most, one) => (one.gap > most.gap ? one : most));
  const gap = Math.ceil(widest.gap * STEPS) / STEPS;
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
