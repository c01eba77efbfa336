/** The paints chosen for the piece, and the ramps between them. */
import { Table } from "@mantine/core";
import type { Paint, Piece, Plan } from "../api/types";
import { differences, takenOver, without } from "../parts/differences";
import { Changed, LeaveOut, Others } from "../parts/FromStock";
import { useShelfPaints } from "../parts/useStock";
import type { Session } from "../piece/session";
import { Ramps } from "./Ramps";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

export function Paints({ session, piece, plan }: Props) {
  const { changed, others } = differences(piece.paints, useShelfPaints());
  const set = (label: string, paints: Paint[]) => session.edit(label, (now) => ({ ...now, paints }));
  const used = new Set(plan.used.paints);
  return (
    <>
      <section aria-label="Paints of the piece">
        <h2>Paints of this piece</h2>
        <Changed
          words="Changed on the shelf"
          changed={changed}
          take="Take over"
          onTake={() => set("Take over from the shelf", takenOver(piece.paints, changed))}
        />
        <Table>
          <Table.Tbody>
            {piece.paints.map((paint) => (
              <Table.Tr key={paint.id}>
                <Table.Td style={{ width: 30 }}>
                  <span className="swatch" style={{ background: paint.colour }} />
                </Table.Td>
                <Table.Td>{paint.name}</Table.Td>
                <Table.Td>
                  {paint.body}, {paint.finish}
                </Table.Td>
                <LeaveOut
                  one={paint}
                  used={used.has(paint.id) || piece.paints.length === 1}
                  onLeave={() => set("Leave a paint out", without(piece.paints, paint))}
                />
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <Others
        name="From the shelf"
        title="Also on the shelf"
        others={others}
        look="chip"
        mark={(paint) => <span className="swatch" style={{ background: paint.colour }} />}
        onAdd={(paint) => set("Add a paint", [...piece.paints, paint])}
      />
      <Ramps session={session} piece={piece} plan={plan} />
    </>
  );
}
