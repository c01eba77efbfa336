/** For each ring on a curved blank: what fits in truth, and what a flat calculation would have promised. */
import { Table } from "@mantine/core";
import type { BlankReport } from "../api/types";
import { lengthText, SUFFIX, useUnits } from "../studio/units";

export function RingTable({ rings }: { rings: BlankReport["rings"] }) {
  const units = useUnits((state) => state.units);
  return (
    <section aria-label="Flat and true">
      <h2>What a flat calculation would get wrong</h2>
      <Table aria-label="Rings calculated flat and in truth">
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">Row</Table.Th>
            <Table.Th scope="col">Walk, {SUFFIX[units]}</Table.Th>
            <Table.Th scope="col">Seen from above</Table.Th>
            <Table.Th scope="col">Dots</Table.Th>
            <Table.Th scope="col">Room for</Table.Th>
            <Table.Th scope="col">Calculated flat</Table.Th>
            <Table.Th scope="col">Wrong by</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rings.map((ring) => (
            <Table.Tr key={ring.mark}>
              <Table.Td>{ring.mark}</Table.Td>
              <Table.Td>{lengthText(ring.walk, units, "dot")}</Table.Td>
              <Table.Td>{lengthText(ring.reach, units, "dot")}</Table.Td>
              <Table.Td>{ring.dots}</Table.Td>
              <Table.Td>{ring.fit}</Table.Td>
              <Table.Td>{ring.flat}</Table.Td>
              <Table.Td>{ring.flat - ring.fit || "–"}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}
