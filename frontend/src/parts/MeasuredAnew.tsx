/** Tools that by what was measured make other dots than this piece counts on, offered to be taken over. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Change, Piece, SizeRange } from "../api/types";
import { withChanges } from "../piece/edits";
import type { Session } from "../piece/session";
import { rangeOf } from "../sheet/ranges";
import { spokenLength, type Units, useUnits } from "../studio/units";
import { rowsOf } from "./rowsOf";
import { useKit } from "./useStock";

export function MeasuredAnew({ session, piece }: { session: Session; piece: Piece }) {
  const units = useUnits((state) => state.units);
  const kit = useKit();
  const told = useQuery({
    queryKey: ["anew", piece, kit],
    queryFn: ({ signal }) => need(client.POST("/api/kit/anew", { body: { piece, kit }, signal })),
    enabled: kit.tools.length > 0,
    placeholderData: (before) => before,
    retry: false,
  });
  return (told.data ?? []).map((one) => (
    <p key={`${one.tool} ${one.old}`} className="small anew">
      {one.name} now makes <b>{spokenLength(one.new.diameter, units)}</b>
      {between(one.new, units)}, by {one.new.measured} measured dots; this piece counts on{" "}
      {spokenLength(one.old, units)}
      {between(rangeOf(piece, one.tool, one.old), units)} in {rowsOf(piece, one.rows)}.{" "}
      <Button
        size="compact-xs"
        variant="light"
        disabled={told.isPlaceholderData}
        onClick={() => session.edit("Take over a measured size", (now) => withChanges(now, one.changes as Change[]))}
      >
        Take over {spokenLength(one.new.diameter, units)}
      </Button>
    </p>
  ));
}

/** " (1.9 mm to 2.3 mm)", nothing without a range. */
function between(range: SizeRange | undefined, units: Units): string {
  return range ? ` (${spokenLength(range.low, units)} to ${spokenLength(range.high, units)})` : "";
}
