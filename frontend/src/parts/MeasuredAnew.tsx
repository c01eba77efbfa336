/** Tools that by what was measured make other dots than this piece counts on, offered to be taken over. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Change, Piece } from "../api/types";
import { withChanges } from "../piece/edits";
import type { Session } from "../piece/session";
import { spokenLength, useUnits } from "../studio/units";
import { useKitTools } from "./useStock";

export function MeasuredAnew({ session, piece }: { session: Session; piece: Piece }) {
  const units = useUnits((state) => state.units);
  const tools = useKitTools();
  const kit = { format: "fernring.kit" as const, version: 2 as const, tools };
  const told = useQuery({
    queryKey: ["anew", piece, tools],
    queryFn: ({ signal }) => need(client.POST("/api/kit/anew", { body: { piece, kit }, signal })),
    enabled: tools.length > 0,
    placeholderData: (before) => before,
    retry: false,
  });
  return (told.data ?? []).map((one) => (
    <p key={one.tool} className="small anew">
      {one.name} now makes <b>{spokenLength(one.new, units)}</b> ({spokenLength(one.low, units)} to{" "}
      {spokenLength(one.high, units)}, by {one.measured} measured dots); this piece counts on{" "}
      {spokenLength(one.old, units)}
      {one.rows.length > 0 ? ` in ${rowsOf(piece, one.rows)}` : ", and no row uses it"}.{" "}
      <Button
        size="compact-xs"
        variant="light"
        onClick={() => session.edit("Take over a measured size", (now) => withChanges(now, one.changes as Change[]))}
      >
        Take over {spokenLength(one.new, units)}
      </Button>
    </p>
  ));
}

const MOST_NAMED = 6;

function rowsOf(piece: Piece, rows: readonly number[]): string {
  if (rows.length === piece.rows.length) return "every row";
  const named = rows.slice(0, MOST_NAMED).map((row) => row + 1);
  const rest = rows.length - named.length;
  return `line${rows.length > 1 ? "s" : ""} ${named.join(", ")}${rest > 0 ? ` and ${rest} more` : ""} of its rows`;
}
