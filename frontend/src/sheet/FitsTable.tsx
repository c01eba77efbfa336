/** What fits here? Alternatives calculated from the kit's own dot sizes. */
import { Table } from "@mantine/core";
import { client, need } from "../api/client";
import { trackOf } from "../api/facts";
import type { Alternative } from "../api/types";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import { ChooseHead, Fits, IntoView, UseCell } from "./Fits";
import type { RowProps } from "./props";

export function FitsTable({ session, piece, row, index, mark }: RowProps) {
  const units = useUnits((state) => state.units);
  const ring = !trackOf(row).central;
  return (
    <Fits
      queryKey={["fits", piece, index]}
      ask={() => need(client.POST("/api/fits", { body: { piece, row: index } }))}
      none="No size of the kit fits here with this gap. Try a smaller gap or another distance."
    >
      {(found) => (
        <IntoView>
          <div className="fits">
            <Table aria-label={`What fits in row ${mark}, lengths in ${SUFFIX[units]}`}>
              <Table.Thead>
                <Table.Tr>
                  {ring && <Table.Th scope="col">Repeats</Table.Th>}
                  <Table.Th scope="col">Dot, {SUFFIX[units]}</Table.Th>
                  <Table.Th scope="col">Made with</Table.Th>
                  {ring && <Table.Th scope="col">At</Table.Th>}
                  {ring && <Table.Th scope="col">Gap</Table.Th>}
                  <Table.Th scope="col">Then</Table.Th>
                  <ChooseHead />
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {found.map((one) => (
                  <Table.Tr
                    key={`${one.repeats} ${one.member} ${one.diameter} ${one.meets}`}
                    className={one.current ? "current" : ""}
                  >
                    {ring && <Table.Td>{one.repeats}</Table.Td>}
                    <Table.Td>
                      {lengthText(one.diameter, units, "dot")}
                      {row.pattern.length > 1 && <span className="quiet"> (dot {one.member + 1})</span>}
                    </Table.Td>
                    <Table.Td>{one.tool_name}</Table.Td>
                    {ring && <Table.Td>{lengthText(one.walk, units, "distance")}</Table.Td>}
                    {ring && <Table.Td>{one.clear === null ? "" : lengthText(one.clear, units, "dot")}</Table.Td>}
                    <Table.Td>
                      {one.meets && "petals meet, "}
                      {outcome(one, (mm) => `${lengthText(mm, units, "dot")} left`)}
                    </Table.Td>
                    <UseCell
                      session={session}
                      row={row}
                      one={one}
                      name={
                        one.meets
                          ? "Let the petals meet"
                          : `Use ${one.repeats} of ${lengthText(one.diameter, units, "dot")}`
                      }
                    />
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </div>
        </IntoView>
      )}
    </Fits>
  );
}

function outcome(one: Alternative, left: (mm: number) => string): string {
  if (one.lost > 0) return `${one.lost} row${one.lost > 1 ? "s" : ""} without room`;
  return one.left < -1e-6 ? "over the border" : left(Math.max(one.left, 0));
}
