/** One area: what it is, where it stands, what rows do at it, what is painted in it. */
import { ActionIcon, Button, Menu } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { client, need } from "../api/client";
import { fieldsOf } from "../api/facts";
import type { BareArea, Piece } from "../api/types";
import { ChipsOf } from "../fields/ChipsOf";
import { KindFields, type Rule } from "../fields/KindFields";
import { RuleField } from "../fields/RuleField";
import type { Part } from "../piece/Parts";
import type { Session } from "../piece/session";
import { tellProblem } from "../studio/notice";
import { AreaBaseFields } from "./AreaBaseFields";
import { withoutArea } from "./edits";
import { useBegun } from "./useBegun";

const FACTS = fieldsOf("BareArea");
const REGIONS: Record<string, string> = {
  disc: "DiscRegion",
  band: "BandRegion",
  form: "FormRegion",
  shape: "ShapeRegion",
  word: "WordRegion",
  outline: "OutlineRegion",
  ends: "EndsRegion",
};

/** Rows about an area, in a painter's words. */
const ROWS = [
  ["Fill its inside", "fill", "inside"],
  ["Fill what lies round it", "fill", "round"],
  ["Dots along its edge", "edge", ""],
  ["Dots along its strokes", "strokes", ""],
  ["Lines across it", "line", ""],
] as const;

interface Props {
  session: Session;
  piece: Piece;
  area: BareArea;
  setPart: (part: Part) => void;
  set: (area: BareArea) => void;
}

export function AreaCard({ session, piece, area, setPart, set }: Props) {
  const region = area.area;
  const others = piece.bare.filter(({ id }) => id !== area.id);
  const addRow = async (kind: string, where: "" | "inside" | "round") => {
    try {
      const row = await need(client.POST("/api/begin/row", { body: { piece, kind, area: area.id, where } }));
      session.edit("Add a row", (now) => ({ ...now, rows: [...now.rows, row] }));
      session.pick(piece.rows.length);
      setPart("Rows");
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <fieldset className="area-card" id={`area-${area.id}`} aria-label={area.name}>
      <div className="area-fields">
        <RuleField fact={FACTS.name!} value={area.name} set={(name) => set({ ...area, name: name as string })} />
        <KindFields
          model={REGIONS[region.kind] ?? ""}
          value={region as unknown as Rule}
          set={(change) => set({ ...area, area: change(region as unknown as Rule) as unknown as BareArea["area"] })}
        />
        {region.kind === "shape" && <span className="small quiet infield">{shapeWords(region.lines)}</span>}
        {region.kind === "word" && <Largest piece={piece} word={region} set={(next) => set({ ...area, area: next })} />}
      </div>
      <div className="area-fields">
        <KindFields
          model="BareArea"
          value={area as unknown as Rule}
          without={["name"]}
          special={{
            areas: (_, fact) =>
              others.length > 0 && (
                <ChipsOf
                  legend={fact.name ?? ""}
                  none={fact.none ?? ""}
                  of={others.map(({ id, name }) => ({ id, name, label: `${area.name} lies under ${name}` }))}
                  chosen={area.under}
                  onChange={(under) => set({ ...area, under })}
                />
              ),
          }}
          set={(change) => set(change(area as unknown as Rule) as unknown as BareArea)}
        />
        <AreaBaseFields piece={piece} base={area.base} set={(base) => set({ ...area, base })} />
      </div>
      <div className="area-actions">
        <Menu position="bottom-start" withinPortal>
          <Menu.Target>
            <Button size="compact-xs" variant="light">
              Paint there…
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            {ROWS.map(([words, kind, where]) => (
              <Menu.Item key={words} onClick={() => void addRow(kind, where)}>
                {words}
              </Menu.Item>
            ))}
          </Menu.Dropdown>
        </Menu>
        {area.rows === "mask" && <ComesOff piece={piece} area={area} />}
        <ActionIcon
          variant="subtle"
          className="area-remove"
          aria-label={`Remove ${area.name}`}
          onClick={() => session.edit(`Remove ${area.name}`, (now) => withoutArea(now, area.id))}
        >
          <IconTrash size={16} />
        </ActionIcon>
      </div>
    </fieldset>
  );
}

type Word = Extract<BareArea["area"], { kind: "word" }>;

/** A word made as large as fits, level or turned. */
function Largest({ piece, word, set }: { piece: Piece; word: Word; set: (word: Word) => void }) {
  const largest = async (level: boolean) => {
    try {
      const body = { blank: piece.blank, word, level };
      set((await need(client.POST("/api/region/largest", { body }))) as Word);
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <span className="infield area-actions">
      <Button size="compact-xs" variant="light" onClick={() => void largest(true)}>
        As large as fits
      </Button>
      {word.runs === "straight" && (
        <Button size="compact-xs" variant="subtle" onClick={() => void largest(false)}>
          and turned
        </Button>
      )}
    </span>
  );
}

/** What comes off with a mask is a piece of its own. */
function ComesOff({ piece, area }: { piece: Piece; area: BareArea }) {
  const begin = useBegun("What comes off");
  const make = () => need(client.POST("/api/begin/comes-off", { body: { piece, area: area.id } }));
  return (
    <Button size="compact-xs" variant="subtle" onClick={() => void begin(make)}>
      {area.shows === "what stays" ? "A piece of what comes off" : "A piece of what stays"}
    </Button>
  );
}

function shapeWords(lines: { x: number[] }[]): string {
  const corners = lines.reduce((sum, line) => sum + line.x.length, 0);
  return lines.length > 1 ? `${lines.length} lines, ${corners} corners` : `${corners} corners`;
}
