/** The paints chosen for the piece, and the ramps between them. */
import { Button, Table } from "@mantine/core";
import type { Paint, Piece, Plan } from "../api/types";
import { differences, takenOver } from "../parts/differences";
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
        {changed.length > 0 && (
          <p className="small">
            Changed on the shelf: {changed.map((paint) => paint.name).join(", ")}.{" "}
            <Button
              size="compact-xs"
              variant="light"
              onClick={() => set("Take over from the shelf", takenOver(piece.paints, changed))}
            >
              Take over
            </Button>
          </p>
        )}
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
                <Table.Td style={{ textAlign: "right" }}>
                  {used.has(paint.id) || piece.paints.length === 1 ? (
                    <span className="small quiet">in use</span>
                  ) : (
                    <Button
                      size="compact-xs"
                      variant="subtle"
                      aria-label={`Leave out ${paint.name}`}
                      onClick={() =>
                        set(
                          "Leave a paint out",
                          piece.paints.filter((one) => one.id !== paint.id),
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
        <section aria-label="From the shelf">
          <h2>Also on the shelf</h2>
          <div className="chips">
            {others.map((paint) => (
              <button
                key={paint.id}
                type="button"
                className="chip"
                onClick={() => set("Add a paint", [...piece.paints, paint])}
              >
                <span className="swatch" style={{ background: paint.colour }} />+ {paint.name}
              </button>
            ))}
          </div>
        </section>
      )}
      <Ramps session={session} piece={piece} plan={plan} />
    </>
  );
}
