/** The paints chosen for the piece, and the ramps between them. */
import { Button, Table } from "@mantine/core";
import { fieldsOf, MOST } from "../api/facts";
import type { Paint, Piece, Plan, Ramp } from "../api/types";
import { freshId } from "../piece/edits";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { NumberField } from "../studio/NumberField";
import { TextField } from "../studio/TextField";
import { differences, takenOver } from "./differences";
import { useShelfPaints } from "./useStock";

const RAMP = fieldsOf("Ramp");

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

export function ColoursPart({ session, piece, plan }: Props) {
  const { changed, others } = differences(piece.paints, useShelfPaints());
  const set = (label: string, paints: Paint[]) => session.edit(label, (now) => ({ ...now, paints }));
  const used = new Set(plan.used.paints);
  return (
    <div className="part-body">
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
    </div>
  );
}

function Ramps({ session, piece, plan }: Props) {
  const set = (label: string, ramps: Ramp[]) => session.edit(label, (now) => ({ ...now, ramps }));
  const change = (id: string, part: Partial<Ramp>) =>
    set(
      "Change a ramp",
      piece.ramps.map((ramp) => (ramp.id === id ? { ...ramp, ...part } : ramp)),
    );
  const add = () => {
    const stops = [piece.paints[0]!.id, piece.paints.at(-1)!.id];
    const name = `Ramp ${piece.ramps.length + 1}`;
    set("Add a ramp", [
      ...piece.ramps,
      { id: freshId("ramp", piece.ramps), name, stops, steps: RAMP.steps?.default as number },
    ]);
  };
  return (
    <section aria-label="Ramps">
      <h2>Ramps</h2>
      {piece.ramps.map((ramp) => (
        <RampFields key={ramp.id} piece={piece} ramp={ramp} colours={plan.ramps[ramp.id] ?? []} change={change} />
      ))}
      <Button size="xs" variant="light" onClick={add} disabled={piece.ramps.length >= MOST.ramps}>
        Add a ramp
      </Button>
    </section>
  );
}

interface RampProps {
  piece: Piece;
  ramp: Ramp;
  colours: string[];
  change: (id: string, part: Partial<Ramp>) => void;
}

function RampFields({ piece, ramp, colours, change }: RampProps) {
  const paints = piece.paints.map((paint) => [paint.id, paint.name] as const);
  const highest = Math.max(RAMP.steps?.least ?? 0, ...steps(piece, ramp.id));
  return (
    <fieldset className="ramp" aria-label={ramp.name}>
      <div className="ramp-run">
        {colours.map((colour, k) => (
          <span key={k} style={{ background: colour }} title={`Step ${k + 1}`} />
        ))}
      </div>
      <div className="part-fields">
        <TextField
          name="Name of the ramp"
          titled
          value={ramp.name}
          most={RAMP.name?.longest}
          onChange={(name) => change(ramp.id, { name })}
        />
        <NumberField
          name="Steps"
          titled
          value={ramp.steps}
          least={highest}
          most={RAMP.steps?.most}
          onChange={(next) => change(ramp.id, { steps: next })}
        />
        {ramp.stops.map((stop, k) => (
          <Choice
            key={k}
            name={`Stop ${k + 1}`}
            titled
            value={stop}
            options={paints}
            onChange={(next) => change(ramp.id, { stops: ramp.stops.map((one, j) => (j === k ? next : one)) })}
          />
        ))}
      </div>
      <div className="chips" style={{ marginTop: 8 }}>
        {ramp.stops.length < (RAMP.stops?.longest ?? 0) && (
          <Button
            size="compact-xs"
            variant="light"
            onClick={() => change(ramp.id, { stops: [...ramp.stops, ramp.stops.at(-1)!] })}
          >
            Add a stop
          </Button>
        )}
        {ramp.stops.length > (RAMP.stops?.fewest ?? 0) && (
          <Button
            size="compact-xs"
            variant="subtle"
            onClick={() => change(ramp.id, { stops: ramp.stops.slice(0, -1) })}
          >
            Drop the last stop
          </Button>
        )}
      </div>
    </fieldset>
  );
}

/** Steps of the ramp that rows use. */
function steps(piece: Piece, ramp: string): number[] {
  return piece.rows.flatMap((row) =>
    row.shades.flatMap((shade) => (shade.kind === "ramp" && shade.ramp === ramp ? [shade.step] : [])),
  );
}
