/** Ramps of the piece: runs of shades between paints. */
import { Button } from "@mantine/core";
import { client, need } from "../api/client";
import { fieldsOf, MOST, wordsOf } from "../api/facts";
import type { Piece, Plan, Ramp } from "../api/types";
import { freshId } from "../piece/edits";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { NumberField } from "../studio/NumberField";
import { TextField } from "../studio/TextField";

const RAMP = fieldsOf("Ramp");

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

export function Ramps({ session, piece, plan }: Props) {
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
      { id: freshId("ramp", piece.ramps), name, stops, steps: RAMP.steps?.default as number, even: "seen" },
    ]);
  };
  return (
    <section aria-label="Ramps">
      <h2>Ramps</h2>
      {piece.ramps.map((ramp) => (
        <RampFields
          key={ramp.id}
          piece={piece}
          ramp={ramp}
          colours={plan.ramps[ramp.id] ?? []}
          change={change}
          lay={(by, back) => void session.askedOrTold("Lay a ramp over the rows", laid(ramp.id, by, back))}
        />
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
  lay: (by: "rows" | "distance", back: boolean) => void;
}

function RampFields({ piece, ramp, colours, change, lay }: RampProps) {
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
        <Choice
          name={RAMP.even!.name!}
          titled
          value={ramp.even}
          options={wordsOf<Ramp["even"]>("Ramp", "even")}
          onChange={(even) => change(ramp.id, { even })}
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
        <Button size="compact-xs" variant="light" onClick={() => lay("rows", false)}>
          Over the rows, outward
        </Button>
        <Button size="compact-xs" variant="light" onClick={() => lay("rows", true)}>
          Over the rows, inward
        </Button>
        <Button size="compact-xs" variant="light" onClick={() => lay("distance", false)}>
          By distance
        </Button>
      </div>
    </fieldset>
  );
}

/** Asks for the piece with the ramp laid over its rows. */
function laid(ramp: string, by: "rows" | "distance", back: boolean) {
  return async (piece: Piece) => ({
    piece: await need(client.POST("/api/graded", { body: { piece, ramp, by, back } })),
  });
}

/** Steps of the ramp that rows use. */
function steps(piece: Piece, ramp: string): number[] {
  return piece.rows.flatMap((row) =>
    row.shades.flatMap((shade) => (shade.kind === "ramp" && shade.ramp === ramp ? [shade.step] : [])),
  );
}
