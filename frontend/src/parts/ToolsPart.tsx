/** The tools chosen for the piece: copies of the kit's, so that the piece plans the same anywhere. */
import { Table } from "@mantine/core";
import type { Piece, Plan, Tool } from "../api/types";
import type { Session } from "../piece/session";
import { restsOn, sizeWords } from "../sheet/ranges";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import { differences, takenOver, without } from "./differences";
import { Changed, LeaveOut, Others } from "./FromStock";
import { MeasuredAnew } from "./MeasuredAnew";
import { NearestTools } from "./NearestTools";
import { useKitTools } from "./useStock";

export function ToolsPart({ session, piece, plan }: { session: Session; piece: Piece; plan: Plan }) {
  const units = useUnits((state) => state.units);
  const { changed, others } = differences(piece.tools, useKitTools());
  const used = new Set(plan.used.tools);
  const set = (label: string, tools: Tool[]) => session.edit(label, (now) => ({ ...now, tools }));
  return (
    <div className="part-body">
      <NearestTools session={session} piece={piece} />
      <section aria-label="Tools of the piece">
        <h2>Tools of this piece</h2>
        <Changed
          words="The kit was measured anew"
          changed={changed}
          take="Take over the new sizes"
          onTake={() => set("Take over from the kit", takenOver(piece.tools, changed))}
        />
        <MeasuredAnew session={session} piece={piece} />
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">Tool</Table.Th>
              <Table.Th scope="col">Kind</Table.Th>
              <Table.Th scope="col">Dots, {SUFFIX[units]}</Table.Th>
              <Table.Th scope="col">
                <span className="visually-hidden">Remove</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {piece.tools.map((tool) => (
              <Table.Tr key={tool.id}>
                <Table.Td>{tool.name}</Table.Td>
                <Table.Td>{tool.kind}</Table.Td>
                <Table.Td>
                  {tool.dots.map((dot) => lengthText(dot, units, "dot")).join(", ")}
                  {tool.ranges.map((one) => (
                    <div key={one.diameter} className="small quiet">
                      chosen here: {sizeWords(one.diameter, one, units)}, by {restsOn(one)}
                    </div>
                  ))}
                </Table.Td>
                <LeaveOut
                  one={tool}
                  used={used.has(tool.id)}
                  onLeave={() => set("Leave a tool out", without(piece.tools, tool))}
                />
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <Others
        name="From the kit"
        title="Also in the kit"
        others={others}
        look="chip square"
        onAdd={(tool) => set("Add a tool", [...piece.tools, tool])}
      />
    </div>
  );
}
