/** What my tools make: the dot of every tool of the kit in this row, with its range, by what was measured. */
import { Table } from "@mantine/core";
import { useState } from "react";
import { client, need } from "../api/client";
import { wordsOf } from "../api/facts";
import type { Change, SizeRange } from "../api/types";
import { useKit } from "../parts/useStock";
import { Choice } from "../studio/Choice";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import { ChooseHead, Fits, IntoView, UseCell } from "./Fits";
import type { RowProps } from "./props";
import { rangeOf, restsOn } from "./ranges";

type Load = SizeRange["load"];

export function OfferedTable(props: RowProps) {
  const { piece, row, index, mark } = props;
  const [load, setLoad] = useState<Load>("usual");
  const [place, setPlace] = useState(0);
  const units = useUnits((state) => state.units);
  const kit = useKit();
  const dot = Math.min(place, row.pattern.length - 1);
  const body = { piece, kit, row: index, member: dot, load };
  return (
    <section className="fits" aria-label={`What my tools make in row ${mark}`}>
      <div className="row-fields">
        {row.pattern.length > 1 && (
          <Choice
            name="For"
            titled
            value={String(dot)}
            options={row.pattern.map((_, k) => [String(k), `dot ${k + 1}`] as const)}
            onChange={(value) => setPlace(Number(value))}
          />
        )}
        <Choice name="Load" titled value={load} options={wordsOf<Load>("Measurement", "load")} onChange={setLoad} />
      </div>
      <Fits
        queryKey={["offered", piece, kit, index, dot, load]}
        ask={() => need(client.POST("/api/kit/offered", { body }))}
        none="No tool of the kit has a tip or a dot that was measured: measure one, and its dots are told here."
      >
        {(found) => (
          <IntoView>
            <Table aria-label={`Dots in ${SUFFIX[units]}, by what was measured`}>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">Made with</Table.Th>
                  <Table.Th scope="col" className="number">
                    Dot, {SUFFIX[units]}
                  </Table.Th>
                  <Table.Th scope="col">19 of 20 come out</Table.Th>
                  <Table.Th scope="col">Rests on</Table.Th>
                  <ChooseHead />
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {found.map((one) => (
                  <Table.Tr key={one.tool} className={isCurrent(props, dot, one) ? "current" : ""}>
                    <Table.Td>{one.name}</Table.Td>
                    <Table.Td className="number">{lengthText(one.size.diameter, units, "dot")}</Table.Td>
                    <Table.Td>
                      {lengthText(one.size.low, units, "dot")} to {lengthText(one.size.high, units, "dot")}
                    </Table.Td>
                    <Table.Td className="small quiet">{restsOn(one.size)}</Table.Td>
                    <UseCell
                      {...props}
                      one={{ current: isCurrent(props, dot, one), changes: one.changes as Change[] }}
                      name={`Use ${lengthText(one.size.diameter, units, "dot")} by ${one.name}`}
                      edit="Choose a size with its range"
                    />
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </IntoView>
        )}
      </Fits>
    </section>
  );
}

/** Whether the dot is this very size already, with this range. */
function isCurrent({ row, piece }: RowProps, dot: number, one: { tool: string; size: SizeRange }): boolean {
  const { tool, diameter } = row.pattern[dot]!;
  return tool === one.tool && JSON.stringify(rangeOf(piece, tool, diameter)) === JSON.stringify(one.size);
}
