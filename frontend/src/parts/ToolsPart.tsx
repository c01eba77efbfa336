/** The tools chosen for the piece: copies of the kit's, so that the piece plans the same anywhere. */
import { Button, Table } from "@mantine/core";
import type { Piece, Plan, Tool } from "../api/types";
import type { Session } from "../piece/session";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import { differences, takenOver } from "./differences";
import { MeasuredAnew } from "./MeasuredAnew";
import { useKitTools } from "./useStock";

export function ToolsPart({ session, piece, plan }: { session: Session; piece: Piece; plan: Plan }) {
  const units = useUnits((state) => state.units);
  const { changed, others } = differences(piece.tools, useKitTools());
  const used = new Set(plan.used.tools);
  const set = (label: string, tools: Tool[]) => session.edit(label, (now) => ({ ...now, tools }));
  return (
    <div className="part-body">
      <section aria-label="Tools of the piece">
        <h2>Tools of this piece</h2>
        {changed.length > 0 && (
          <p className="small">
            The kit was measured anew: {changed.map((tool) => tool.name).join(", ")}.{" "}
            <Button
              size="compact-xs"
              variant="light"
              onClick={() => set("Take over from the kit", takenOver(piece.tools, changed))}
            >
              Take over the new sizes
            </Button>
          </p>
        )}
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
                <Table.Td>{tool.dots.map((dot) => lengthText(dot, units, "dot")).join(", ")}</Table.Td>
                <Table.Td style={{ textAlign: "right" }}>
                  {used.has(tool.id) ? (
                    <span className="small quiet">in use</span>
                  ) : (
                    <Button
                      size="compact-xs"
                      variant="subtle"
                      aria-label={`Leave out ${tool.name}`}
                      onClick={() =>
                        set(
                          "Leave a tool out",
                          piece.tools.filter((one) => one.id !== tool.id),
                        )
                      }
                    >
                      Leave out
                    </Button>
                  )}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      {others.length > 0 && (
        <section aria-label="From the kit">
          <h2>Also in the kit</h2>
          <div className="chips">
            {others.map((tool) => (
              <button
                key={tool.id}
                type="button"
                className="chip square"
                onClick={() => set("Add a tool", [...piece.tools, tool])}
              >
                + {tool.name}
              </button>
            ))}
          </div>
        </section>
      )}
    </div>
  );
}
