/** Bare areas: discs, bands and silhouettes that rows leave free, and how much base may show. */
import { ActionIcon, Button } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { client, need } from "../api/client";
import { fieldsOf, MOST } from "../api/facts";
import type { BareArea, Piece } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import { RuleField } from "../fields/RuleField";
import { freshId } from "../piece/edits";
import type { Session } from "../piece/session";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { tellProblem } from "../studio/notice";

const FACTS = fieldsOf("BareArea");

export function BareFields({ session, piece }: { session: Session; piece: Piece }) {
  const set = (label: string, change: (bare: BareArea[]) => BareArea[]) =>
    session.edit(label, (now) => ({ ...now, bare: change(now.bare) }));
  const add = (name: string, area: BareArea["area"]) =>
    set("Leave an area bare", (bare) => [
      ...bare,
      {
        id: freshId("bare", bare),
        name,
        area,
        rows: "pass under",
        whole: true,
        gap: FACTS.gap?.default as number,
      },
    ]);
  const read = async (chosen: File) => {
    try {
      const area = await need(client.POST("/api/region/svg", { body: { text: await chosen.text() } }));
      const name = chosen.name.replace(/\.svg$/i, "").slice(0, FACTS.name?.longest) || "Silhouette";
      add(name, { ...area, kind: "shape" });
    } catch (cause) {
      tellProblem(cause);
    }
  };
  const full = piece.bare.length >= MOST.bare;
  return (
    <section aria-label="Bare areas">
      <h2>Bare areas</h2>
      {piece.bare.map((one) => (
        <Area
          key={one.id}
          area={one}
          set={(next) => set("Change a bare area", (bare) => bare.map((other) => (other.id === one.id ? next : other)))}
          drop={() => set("Remove a bare area", (bare) => bare.filter((other) => other.id !== one.id))}
        />
      ))}
      <div className="chips">
        <Button
          size="compact-xs"
          variant="light"
          disabled={full}
          onClick={() => add("Disc", { kind: "disc", x: 0, y: 0, diameter: 20 })}
        >
          Leave a disc bare
        </Button>
        <Button
          size="compact-xs"
          variant="light"
          disabled={full}
          onClick={() => add("Band", { kind: "band", inner: 20, outer: 26 })}
        >
          Leave a band bare
        </Button>
        <FileChooser accept={SVG_FILES} onFile={read}>
          {(open) => (
            <Button size="compact-xs" variant="light" disabled={full} onClick={open}>
              A silhouette from a file
            </Button>
          )}
        </FileChooser>
      </div>
      <div className="part-fields">
        <RuleField
          fact={fieldsOf("Piece").most_base!}
          value={piece.most_base}
          set={(share) =>
            session.edit("Set how much base may show", (now) => ({ ...now, most_base: share as number | null }))
          }
        />
      </div>
    </section>
  );
}

interface AreaProps {
  area: BareArea;
  set: (area: BareArea) => void;
  drop: () => void;
}

const REGIONS: Record<string, string> = { disc: "DiscRegion", band: "BandRegion" };

function Area({ area, set, drop }: AreaProps) {
  const region = area.area;
  return (
    <fieldset className="bare" aria-label={area.name}>
      <RuleField fact={FACTS.name!} value={area.name} set={(name) => set({ ...area, name: name as string })} />
      <KindFields
        model={REGIONS[region.kind] ?? ""}
        value={region as unknown as Rule}
        set={(change) => set({ ...area, area: change(region as unknown as Rule) as unknown as BareArea["area"] })}
      />
      {region.kind === "shape" && <span className="small quiet infield">{shapeWords(region.lines)}</span>}
      <KindFields
        model="BareArea"
        value={area as unknown as Rule}
        without={["name"]}
        set={(change) => set(change(area as unknown as Rule) as unknown as BareArea)}
      />
      <ActionIcon variant="subtle" className="infield" aria-label={`Remove ${area.name}`} onClick={drop}>
        <IconTrash size={16} />
      </ActionIcon>
    </fieldset>
  );
}

function shapeWords(lines: { x: number[] }[]): string {
  const corners = lines.reduce((sum, line) => sum + line.x.length, 0);
  return lines.length > 1 ? `${lines.length} lines, ${corners} corners` : `${corners} corners`;
}
