/** Circles drawn one by one, and circles through rows. */
import { Button } from "@mantine/core";
import { fieldsOf, MOST, trackOf } from "../api/facts";
import type { Piece, Plan } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { freshId } from "../piece/edits";
import { Tick } from "../studio/Tick";
import type { GuidePartProps } from "./props";

const APART = 10; // a new circle is drawn so far outside the last (mm)

export function GuideCircles({ piece, plan, onChange }: GuidePartProps & { piece: Piece; plan: Plan }) {
  const { circles, at_rows: atRows } = piece.guides;
  const fact = { ...fieldsOf("GuideCircle").walk!, most: plan.rim };
  const used = (id: string) => piece.rows.some((row) => row.distance.kind === "guide" && row.distance.circle === id);
  const add = () => {
    const last = Math.max(...circles.map((circle) => circle.walk), APART);
    onChange("Add a guide circle", {
      circles: [...circles, { id: freshId("circle", circles), walk: Math.min(last + APART, plan.rim) }],
    });
  };
  const move = (id: string, walk: number) =>
    onChange("Move a guide circle", { circles: circles.map((one) => (one.id === id ? { ...one, walk } : one)) });
  const rings = piece.rows.flatMap((row, k) => {
    const track = trackOf(row);
    return track.round && !track.central ? [{ id: row.id, mark: plan.rows[k]?.mark }] : [];
  });
  return (
    <section aria-label="Guide circles">
      <h2>Guide circles</h2>
      <div className="part-fields">
        {circles.map((circle, k) => (
          <span key={circle.id} className="guide-circle">
            <RuleField
              fact={fact}
              name={`Circle ${k + 1}`}
              width={118}
              value={circle.walk}
              set={(walk) => move(circle.id, walk as number)}
            />
            <Button
              size="compact-sm"
              variant="subtle"
              disabled={used(circle.id)}
              title={used(circle.id) ? "A row sits on this circle" : undefined}
              aria-label={`Remove circle ${k + 1}`}
              onClick={() =>
                onChange("Remove a guide circle", { circles: circles.filter((one) => one.id !== circle.id) })
              }
            >
              Remove
            </Button>
          </span>
        ))}
        <Button size="xs" variant="light" className="infield" disabled={circles.length >= MOST.circles} onClick={add}>
          Add a circle
        </Button>
      </div>
      {rings.length > 0 && (
        <fieldset className="guide-checks">
          <legend className="small quiet">Circles through rows</legend>
          {rings.map(({ id, mark }) => (
            <Tick
              key={id}
              checked={atRows.includes(id)}
              name={`A circle through row ${mark}`}
              onChange={(on) =>
                onChange("Draw a circle through a row", {
                  at_rows: on ? [...atRows, id] : atRows.filter((one) => one !== id),
                })
              }
            >
              {mark}
            </Tick>
          ))}
        </fieldset>
      )}
    </section>
  );
}
