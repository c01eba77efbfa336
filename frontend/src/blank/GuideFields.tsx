/** Division and guides: segments, spokes, circles, lines of the blank's own shape, and what to draw them with. */
import { Button } from "@mantine/core";
import type { BlankReport, Piece, Plan } from "../api/types";
import { freshId } from "../piece/edits";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { Tick } from "../studio/Tick";
import { MarkerTable } from "./MarkerTable";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
  report: BlankReport | undefined;
}

type Guides = Piece["guides"];

const SPOKES = ["all", "every second", "first cross", "none"].map((name) => [name as Guides["spokes"], name] as const);
const TICKS = [
  ["0", "none"],
  ["4", "quarters"],
  ["8", "eighths"],
  ["16", "sixteenths"],
  ["32", "32nds"],
  ["64", "64ths"],
] as const;
const EDGED = new Set(["square", "rectangle", "polygon", "cross"]);

export function GuideFields({ session, piece, plan, report }: Props) {
  const { guides } = piece;
  const set = (label: string, part: Partial<Piece>) => session.edit(label, (now) => ({ ...now, ...part }));
  const guide = (label: string, part: Partial<Guides>) => set(label, { guides: { ...guides, ...part } });
  const { outline } = piece.blank;
  return (
    <>
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
        </div>
        <p className="small quiet">The safe gap counts between dots for which no row states a gap.</p>
      </section>
      <section aria-label="Guides">
        <h2>Guides</h2>
        <div className="part-fields">
          <Choice
            name="Spokes drawn"
            titled
            value={guides.spokes}
            options={SPOKES}
            onChange={(spokes) => guide("Choose the spokes", { spokes })}
          />
          <Steps guides={guides} plan={plan} onChange={guide} />
          {plan.blank.round && (
            <Choice
              name="Ticks at the edge"
              titled
              value={`${guides.rim_ticks ?? 0}` as (typeof TICKS)[number][0]}
              options={TICKS}
              onChange={(value) =>
                guide("Mark the edge", {
                  rim_ticks: value === "0" ? null : (Number(value) as Guides["rim_ticks"]),
                })
              }
            />
          )}
          {EDGED.has(outline.kind) && (
            <NumberField
              name="Parts of each edge"
              titled
              value={guides.edge_parts ?? 1}
              least={1}
              most={64}
              onChange={(parts) => guide("Divide the edges", { edge_parts: parts > 1 ? parts : null })}
            />
          )}
          {!plan.blank.closed && !plan.blank.round && (
            <LengthField
              name="Boundary circle across"
              titled
              kind="distance"
              value={guides.boundary ?? 0}
              least={0}
              most={1000}
              onChange={(across) => guide("Set the boundary circle", { boundary: across >= 5 ? across : null })}
            />
          )}
        </div>
        <div className="guide-checks">
          {(["midlines", "diagonals"] as const).map((name) => (
            <Tick key={name} checked={guides[name]} onChange={(on) => guide(`Draw the ${name}`, { [name]: on })}>
              {name}
            </Tick>
          ))}
        </div>
      </section>
      <Circles piece={piece} plan={plan} onChange={guide} />
      {report && (
        <MarkerTable
          report={report}
          marker={guides.marker ?? null}
          onChange={(marker) => guide("Choose the marker", { marker })}
        />
      )}
    </>
  );
}

interface PartProps {
  onChange: (label: string, part: Partial<Guides>) => void;
}

/** A first circle and then one every so often; both at nought for none. */
function Steps({ guides, plan, onChange }: PartProps & { guides: Guides; plan: Plan }) {
  const steps = guides.steps ?? null;
  const set = (first: number, step: number) =>
    onChange("Set the circles in steps", { steps: first > 0 ? { first, step: Math.max(step, 1) } : null });
  return (
    <>
      <LengthField
        name="First circle at"
        titled
        kind="distance"
        value={steps?.first ?? 0}
        least={0}
        most={plan.rim}
        onChange={(first) => set(first, steps?.step ?? 10)}
      />
      {steps && (
        <LengthField
          name="Then every"
          titled
          kind="distance"
          value={steps.step}
          least={1}
          most={60}
          onChange={(step) => set(steps.first, step)}
        />
      )}
    </>
  );
}

function Circles({ piece, plan, onChange }: PartProps & { piece: Piece; plan: Plan }) {
  const { circles, at_rows: atRows } = piece.guides;
  const used = (id: string) => piece.rows.some((row) => row.distance.kind === "guide" && row.distance.circle === id);
  const add = () => {
    const last = Math.max(...circles.map((circle) => circle.walk), 10);
    onChange("Add a guide circle", {
      circles: [...circles, { id: freshId("circle", circles), walk: Math.min(last + 10, plan.rim) }],
    });
  };
  const rings = piece.rows.flatMap((row, k) =>
    row.track.kind === "ring" ? [{ id: row.id, mark: plan.rows[k]?.mark }] : [],
  );
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
                most={plan.rim}
                onChange={(walk) =>
                  onChange("Move a guide circle", {
                    circles: circles.map((one) => (one.id === circle.id ? { ...one, walk } : one)),
                  })
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
                onChange("Remove a guide circle", { circles: circles.filter((one) => one.id !== circle.id) })
              }
            >
              Remove
            </Button>
          </span>
        ))}
        <Button size="xs" variant="light" style={{ alignSelf: "end" }} disabled={circles.length >= 60} onClick={add}>
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
