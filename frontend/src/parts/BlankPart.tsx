/** Blank and guides of the piece: measures, segments, base coat, safe gap, and the lines to draw. */
import { Button } from "@mantine/core";
import type { Piece } from "../api/types";
import { freshId } from "../piece/edits";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { ColourField } from "./ColourField";

export const MATERIALS = ["cast stone", "natural stone", "glazed tile", "canvas", "wood", "other"].map(
  (name) => [name as Piece["blank"]["material"], name] as const,
);
const SPOKES = ["all", "every second", "first cross", "none"].map(
  (name) => [name as Piece["guides"]["spokes"], name] as const,
);

export function BlankPart({ session, piece }: { session: Session; piece: Piece }) {
  const { blank } = piece;
  const set = (label: string, part: Partial<Piece>) => session.edit(label, (now) => ({ ...now, ...part }));
  const setBlank = (label: string, part: Partial<Piece["blank"]>) =>
    session.edit(label, (now) => ({ ...now, blank: { ...now.blank, ...part } }));
  return (
    <div className="part-body">
      <section aria-label="Blank">
        <h2>Blank</h2>
        <div className="part-fields">
          <LengthField
            name="Diameter"
            titled
            kind="distance"
            value={blank.outline.diameter}
            least={10}
            most={1000}
            onChange={(diameter) => setBlank("Set the diameter", { outline: { ...blank.outline, diameter } })}
          />
          <LengthField
            name="Border kept clear"
            titled
            kind="distance"
            value={blank.border}
            least={0}
            most={Math.min(200, blank.outline.diameter / 2)}
            onChange={(border) => setBlank("Set the border", { border })}
          />
          <Choice
            name="Material"
            titled
            value={blank.material}
            options={MATERIALS}
            onChange={(material) => setBlank("Set the material", { material })}
          />
          <ColourField
            name="Base coat"
            titled
            colour={blank.base.colour}
            label={blank.base.name}
            onChange={(base) => setBlank("Set the base coat", { base })}
          />
        </div>
      </section>
      <section aria-label="Division">
        <h2>Division</h2>
        <div className="part-fields">
          <NumberField
            name="Segments"
            titled
            value={piece.segments}
            least={2}
            most={64}
            onChange={(segments) => set("Set the segments", { segments })}
          />
          <NumberField
            name="Turn of the first spoke"
            titled
            decimals
            unit="°"
            value={piece.turn}
            least={-360}
            most={360}
            onChange={(turn) => set("Turn the piece", { turn })}
          />
          <LengthField
            name="Safe gap"
            titled
            value={piece.safe_gap}
            least={0}
            most={20}
            onChange={(safe_gap) => set("Set the safe gap", { safe_gap })}
          />
          <Choice
            name="Spokes drawn"
            titled
            value={piece.guides.spokes}
            options={SPOKES}
            onChange={(spokes) => set("Choose the spokes", { guides: { ...piece.guides, spokes } })}
          />
        </div>
        <p className="small quiet">The safe gap counts between dots for which no row states a gap.</p>
      </section>
      <Circles session={session} piece={piece} />
    </div>
  );
}

function Circles({ session, piece }: { session: Session; piece: Piece }) {
  const { circles } = piece.guides;
  const rim = piece.blank.outline.diameter / 2;
  const set = (label: string, next: Piece["guides"]["circles"]) =>
    session.edit(label, (now) => ({ ...now, guides: { ...now.guides, circles: next } }));
  const used = (id: string) =>
    piece.rows.some((row) => row.distance.kind === "guide" && row.distance.circle === id);
  const add = () => {
    const last = Math.max(...circles.map((circle) => circle.walk), 10);
    set("Add a guide circle", [
      ...circles,
      { id: freshId("circle", circles), walk: Math.min(last + 10, rim) },
    ]);
  };
  return (
    <section aria-label="Guide circles">
      <h2>Guide circles</h2>
      <div className="part-fields">
        {circles.map((circle, k) => (
          <span key={circle.id} style={{ display: "flex", gap: 6, alignItems: "end" }}>
            <span style={{ width: 118 }}>
              <LengthField
                name={`Circle ${k + 1}`}
                titled
                kind="distance"
                value={circle.walk}
                least={0}
                most={rim}
                onChange={(walk) =>
                  set(
                    "Move a guide circle",
                    circles.map((one) => (one.id === circle.id ? { ...one, walk } : one)),
                  )
                }
              />
            </span>
            <Button
              size="compact-sm"
              variant="subtle"
              disabled={used(circle.id)}
              title={used(circle.id) ? "A row sits on this circle" : undefined}
              aria-label={`Remove circle ${k + 1}`}
              onClick={() =>
                set(
                  "Remove a guide circle",
                  circles.filter((one) => one.id !== circle.id),
                )
              }
            >
              Remove
            </Button>
          </span>
        ))}
        <Button
          size="xs"
          variant="light"
          style={{ alignSelf: "end" }}
          disabled={circles.length >= 60}
          onClick={add}
        >
          Add a circle
        </Button>
      </div>
    </section>
  );
}
