/** Bare areas: discs, bands and silhouettes that rows leave free, and how much base may show. */
import { ActionIcon, Button } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { useRef } from "react";
import { client, need } from "../api/client";
import type { BareArea, Piece } from "../api/types";
import { freshId } from "../piece/edits";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { LengthField, NumberField } from "../studio/LengthField";
import { tellProblem } from "../studio/notice";
import { TextField } from "../studio/TextField";
import { Tick } from "../studio/Tick";

const RULES = [
  ["pass under", "rows pass under it"],
  ["stop evenly", "rows stop evenly beside it"],
] as const;

export function BareFields({ session, piece }: { session: Session; piece: Piece }) {
  const file = useRef<HTMLInputElement>(null);
  const set = (label: string, bare: BareArea[]) => session.edit(label, (now) => ({ ...now, bare }));
  const add = (name: string, area: BareArea["area"]) =>
    set("Leave an area bare", [
      ...piece.bare,
      { id: freshId("bare", piece.bare), name, area, rows: "pass under", whole: true, gap: 0.3 },
    ]);
  const change = (id: string, part: Partial<BareArea>) =>
    set(
      "Change a bare area",
      piece.bare.map((one) => (one.id === id ? { ...one, ...part } : one)),
    );
  const read = async (chosen: File) => {
    try {
      const { x, y } = await need(client.POST("/api/outline/svg", { body: { text: await chosen.text() } }));
      add(chosen.name.replace(/\.svg$/i, "").slice(0, 60) || "Silhouette", { kind: "shape", x, y });
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <section aria-label="Bare areas">
      <h2>Bare areas</h2>
      {piece.bare.map((one) => (
        <fieldset key={one.id} className="bare" aria-label={one.name}>
          <TextField name="Name of the area" titled value={one.name} onChange={(name) => change(one.id, { name })} />
          <Measures area={one.area} set={(area) => change(one.id, { area })} />
          <Choice name="Rows" titled value={one.rows} options={RULES} onChange={(rows) => change(one.id, { rows })} />
          <LengthField
            name="Gap to it"
            titled
            value={one.gap}
            least={0}
            most={20}
            onChange={(gap) => change(one.id, { gap })}
          />
          <Tick checked={one.whole} onChange={(whole) => change(one.id, { whole })}>
            whole dots only
          </Tick>
          <ActionIcon
            variant="subtle"
            aria-label={`Remove ${one.name}`}
            onClick={() =>
              set(
                "Remove a bare area",
                piece.bare.filter((other) => other.id !== one.id),
              )
            }
          >
            <IconTrash size={16} />
          </ActionIcon>
        </fieldset>
      ))}
      <div className="chips">
        <Button
          size="compact-xs"
          variant="light"
          onClick={() => add("Disc", { kind: "disc", x: 0, y: 0, diameter: 20 })}
        >
          Leave a disc bare
        </Button>
        <Button size="compact-xs" variant="light" onClick={() => add("Band", { kind: "band", inner: 20, outer: 26 })}>
          Leave a band bare
        </Button>
        <Button size="compact-xs" variant="light" onClick={() => file.current?.click()}>
          A silhouette from a file
        </Button>
        <FileChooser name="Silhouette file" accept={SVG_FILES} field={file} onFile={read} />
      </div>
      <div className="part-fields" style={{ marginTop: 10 }}>
        <NumberField
          name="Base may show on at most"
          titled
          decimals
          unit="%"
          value={piece.most_base ?? 100}
          least={1}
          most={100}
          onChange={(share) =>
            session.edit("Set how much base may show", (now) => ({
              ...now,
              most_base: share < 100 ? share : null,
            }))
          }
        />
      </div>
    </section>
  );
}

function Measures({ area, set }: { area: BareArea["area"]; set: (area: BareArea["area"]) => void }) {
  if (area.kind === "disc")
    return (
      <>
        <LengthField
          name="Across"
          titled
          value={area.diameter}
          least={0.2}
          most={1000}
          onChange={(diameter) => set({ ...area, diameter })}
        />
        <LengthField
          name="Right of the centre"
          titled
          value={area.x}
          least={-1000}
          most={1000}
          onChange={(x) => set({ ...area, x })}
        />
        <LengthField
          name="Below the centre"
          titled
          value={area.y}
          least={-1000}
          most={1000}
          onChange={(y) => set({ ...area, y })}
        />
      </>
    );
  if (area.kind === "band")
    return (
      <>
        <LengthField
          name="From"
          titled
          kind="distance"
          value={area.inner}
          least={0}
          most={1000}
          onChange={(inner) => set({ ...area, inner })}
        />
        <LengthField
          name="To"
          titled
          kind="distance"
          value={area.outer}
          least={0}
          most={1000}
          onChange={(outer) => set({ ...area, outer })}
        />
      </>
    );
  return <span className="small quiet">{area.x.length} corners</span>;
}
