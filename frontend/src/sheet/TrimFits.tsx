/** What fits in this trim? Sizes of the kit, or ends for a swipe, and what each would lead to. */
import { Table } from "@mantine/core";
import { client, need } from "../api/client";
import { spokenText, useUnits } from "../studio/units";
import { ChooseHead, Fits, UseCell } from "./Fits";
import type { RowProps } from "./props";

export function TrimFits({ session, piece, index, row, number }: RowProps & { number: number }) {
  const units = useUnits((state) => state.units);
  return (
    <Fits
      queryKey={["trim fits", piece, index, number]}
      ask={() => need(client.POST("/api/fits/trim", { body: { piece, row: index, trim: number } }))}
      none="No dot of the kit is small enough for this trim."
    >
      {(found) => (
        <Table className="fits" aria-label={`What fits in trim ${number + 1}`}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">Trim</Table.Th>
              <Table.Th scope="col">Made with</Table.Th>
              <Table.Th scope="col">Gives</Table.Th>
              <Table.Th scope="col">Then</Table.Th>
              <ChooseHead />
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {found.map((one) => (
              <Table.Tr key={one.label} className={one.current ? "current" : ""}>
                <Table.Td>{spokenText(one.label, units)}</Table.Td>
                <Table.Td>{one.tool_name}</Table.Td>
                <Table.Td>{one.dots} dots and marks</Table.Td>
                <Table.Td>
                  {one.troubles === 0 ? "clear" : `${one.troubles} finding${one.troubles > 1 ? "s" : ""}`}
                </Table.Td>
                <UseCell
                  session={session}
                  row={row}
                  one={one}
                  name={`Use ${spokenText(one.label, units)} in the trim`}
                />
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </Fits>
  );
}
