/** Sizes of the piece that no tool of the kit makes: the nearest tool for each, and whether the design still closes. */
import { Button, Table } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Change, Piece } from "../api/types";
import { withChanges } from "../piece/edits";
import type { Session } from "../piece/session";
import { lengthText, SUFFIX, spokenText, useUnits } from "../studio/units";
import { rowsOf } from "./rowsOf";
import { useKit } from "./useStock";

export function NearestTools({ session, piece }: { session: Session; piece: Piece }) {
  const units = useUnits((state) => state.units);
  const kit = useKit();
  const told = useQuery({
    queryKey: ["nearest tools", piece, kit],
    queryFn: ({ signal }) => need(client.POST("/api/nearest-tools", { body: { piece, kit }, signal })),
    enabled: kit.tools.some((tool) => tool.kind !== "needle"),
    placeholderData: (before) => before,
    retry: false,
  });
  const mine = told.data;
  if (!mine || mine.sizes.length === 0) return null;
  return (
    <section aria-label="Sizes that my tools do not make">
      <h2>Sizes that my tools do not make</h2>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col" className="number">
              Asked, {SUFFIX[units]}
            </Table.Th>
            <Table.Th scope="col">In</Table.Th>
            <Table.Th scope="col">Nearest of mine</Table.Th>
            <Table.Th scope="col" className="number">
              Difference
            </Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {mine.sizes.map((one) => (
            <Table.Tr key={one.size}>
              <Table.Td className="number">{lengthText(one.size, units, "dot")}</Table.Td>
              <Table.Td>{rowsOf(piece, one.rows)}</Table.Td>
              <Table.Td>
                {one.name}: {lengthText(one.dot, units, "dot")}
              </Table.Td>
              <Table.Td className="number">{percent(one.off)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p className="small" role="status">
        {mine.lost === 0
          ? "With these the design still closes."
          : `With these ${mine.lost} ${mine.lost === 1 ? "thing is" : "things are"} no longer right:`}
      </p>
      {mine.lost > 0 && (
        <ul className="small">
          {mine.found.map((text) => (
            <li key={text}>{spokenText(text, units)}</li>
          ))}
          {mine.lost > mine.found.length && <li>and {mine.lost - mine.found.length} more</li>}
        </ul>
      )}
      <Button
        size="xs"
        variant="light"
        disabled={told.isPlaceholderData}
        onClick={() => session.edit("Make it with my tools", (now) => withChanges(now, mine.changes as Change[]))}
      >
        Make it with my tools
      </Button>
    </section>
  );
}

/** "+4 %" */
export function percent(share: number): string {
  return `${share >= 0 ? "+" : "−"}${Math.abs(100 * share).toFixed(0)} %`;
}
