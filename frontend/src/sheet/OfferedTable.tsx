/** What my tools make: the dot of every tool of the kit in a row or trim, with its range, by what was measured. */
import { Table } from "@mantine/core";
import { useState } from "react";
import { client, need } from "../api/client";
import { wordsOf } from "../api/facts";
import type { Change, Piece, SizeRange } from "../api/types";
import { useKit } from "../parts/useStock";
import { Choice } from "../studio/Choice";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import type { DotPlace } from "./dotPlaces";
import { ChooseHead, Fits, IntoView, UseCell } from "./Fits";
import type { RowProps } from "./props";
import { rangeOf, restsOn } from "./ranges";

type Load = SizeRange["load"];

interface Props extends RowProps {
  /** Whose dots they are: "row 3". */
  of: string;
  places: DotPlace[];
}

export function OfferedTable({ of, places, ...props }: Props) {
  const { piece, index } = props;
  const [load, setLoad] = useState<Load>("usual");
  const [chosen, setChosen] = useState(0);
  const units = useUnits((state) => state.units);
  const kit = useKit();
  const place = Math.min(chosen, places.length - 1);
  const { at, dot } = places[place]!;
  const body = { piece, kit, row: index, member: 0, at, load };
  return (
    <section className="fits" aria-label={`What my tools make in ${of}`}>
      <div className="row-fields">
        {places.length > 1 && (
          <Choice
            name="For"
            titled
            value={String(place)}
            options={places.map(({ name }, k) => [String(k), name] as const)}
            onChange={(value) => setChosen(Number(value))}
          />
        )}
        <Choice name="Load" titled value={load} options={wordsOf<Load>("Measurement", "load")} onChange={setLoad} />
      </div>
      <Fits
        queryKey={["offered", piece, kit, index, at, load]}
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
                  <Table.Tr key={one.tool} className={isCurrent(piece, dot, one) ? "current" : ""}>
                    <Table.Td>{one.name}</Table.Td>
                    <Table.Td className="number">{lengthText(one.size.diameter, units, "dot")}</Table.Td>
                    <Table.Td>
                      {lengthText(one.size.low, units, "dot")} to {lengthText(one.size.high, units, "dot")}
                    </Table.Td>
                    <Table.Td className="small quiet">{restsOn(one.size)}</Table.Td>
                    <UseCell
                      {...props}
                      one={{ current: isCurrent(piece, dot, one), changes: one.changes as Change[] }}
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
function isCurrent(piece: Piece, { tool, diameter, share }: DotPlace["dot"], one: { tool: string; size: SizeRange }) {
  return tool === one.tool && !share && JSON.stringify(rangeOf(piece, tool, diameter)) === JSON.stringify(one.size);
}
