/** Areas of the piece: figures, words, discs, bands and silhouettes that rows leave free, fill, or go round. */
import { Button, Menu, Popover, TextInput } from "@mantine/core";
import { useState } from "react";
import { client, need, readOff } from "../api/client";
import { fieldsOf, MOST } from "../api/facts";
import type { BareArea, Font, Form, Piece } from "../api/types";
import { RuleField, type Value } from "../fields/RuleField";
import { freshId } from "../piece/edits";
import type { Part } from "../piece/Parts";
import type { Session } from "../piece/session";
import { PICTURES } from "../stock/PhotoColour";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { tellProblem } from "../studio/notice";
import { AreaCard } from "./AreaCard";
import "./areas.css";
import { useBegun } from "./useBegun";

const FACTS = fieldsOf("BareArea");
const WORD = fieldsOf("WordRegion");
const FIGURES = fieldsOf("FormRegion").form!.words!;

interface Props {
  session: Session;
  piece: Piece;
  /** Whether the blank is a ball or egg, whose back is a half of the piece. */
  closed: boolean;
  setPart: (part: Part) => void;
}

export function AreasPart({ session, piece, closed, setPart }: Props) {
  const set = (label: string, change: (bare: BareArea[]) => BareArea[]) =>
    session.edit(label, (now) => ({ ...now, bare: change(now.bare) }));
  return (
    <div className="part-body areas-part">
      <section aria-label="Areas">
        <h2>Areas</h2>
        <p className="small quiet">
          A figure, a word, any part of the stone. Rows leave it free, fill it, go round it or pass under it; drag it on
          the stone.
        </p>
        {piece.bare.map((one) => (
          <AreaCard
            key={one.id}
            session={session}
            piece={piece}
            area={one}
            setPart={setPart}
            set={(next) =>
              set(`Change ${one.name}`, (bare) => bare.map((other) => (other.id === one.id ? next : other)))
            }
          />
        ))}
        <NewAreas piece={piece} add={(area) => set(`Put ${area.name} there`, (bare) => [...bare, area])} />
      </section>
      <div className="part-fields">
        <RuleField
          fact={fieldsOf("Piece").most_base!}
          value={piece.most_base}
          set={(share) =>
            session.edit("Set how much base may show", (now) => ({ ...now, most_base: share as number | null }))
          }
        />
        {!closed && <Back piece={piece} />}
      </div>
    </div>
  );
}

/** The plain back of the blank is a piece of its own: for a name, a date. */
function Back({ piece }: { piece: Piece }) {
  const begin = useBegun("The back");
  return (
    <Button
      size="compact-sm"
      variant="light"
      className="infield"
      onClick={() => void begin(() => need(client.POST("/api/begin/back", { body: { piece } })))}
    >
      A piece for its back
    </Button>
  );
}

function NewAreas({ piece, add }: { piece: Piece; add: (area: BareArea) => void }) {
  const full = piece.bare.length >= MOST.bare;
  const put = (name: string, area: BareArea["area"]) =>
    add({
      id: freshId("bare", piece.bare),
      name: name.slice(0, FACTS.name?.longest),
      area,
      rows: "pass under",
      whole: true,
      gap: FACTS.gap?.default as number,
      under: [],
      shows: "what stays",
      base: null,
    });
  const asked = async (make: () => Promise<[string, BareArea["area"]]>) => {
    try {
      put(...(await make()));
    } catch (cause) {
      tellProblem(cause);
    }
  };
  const figure = (form: Form, words: string) =>
    asked(async () => {
      const area = await need(client.POST("/api/begin/figure", { body: { blank: piece.blank, form } }));
      return [words.charAt(0).toUpperCase() + words.slice(1), area];
    });
  const read = (chosen: File) =>
    asked(async () => {
      const name = chosen.name.replace(/\.[a-z]+$/i, "").slice(0, FACTS.name?.longest) || "Silhouette";
      const area =
        chosen.type.startsWith("image/") && !chosen.type.includes("svg")
          ? await readOff<Extract<BareArea["area"], { kind: "shape" }>>("/api/photo/drawing", chosen)
          : await need(client.POST("/api/region/svg", { body: { text: await chosen.text() } }));
      return [name, { ...area, kind: "shape" }];
    });
  const word = (text: string, font: Font) =>
    asked(async () => {
      const area = await need(client.POST("/api/region/word", { body: { blank: piece.blank, text, font } }));
      return [text, area];
    });
  const ends = () => asked(async () => ["Ends", await need(client.POST("/api/begin/ends", { body: { piece } }))]);
  const button = { size: "compact-sm", variant: "light", disabled: full } as const;
  return (
    <div className="chips">
      <Menu position="bottom-start" withinPortal>
        <Menu.Target>
          <Button {...button}>A figure…</Button>
        </Menu.Target>
        <Menu.Dropdown mah={320} style={{ overflowY: "auto" }}>
          {FIGURES.map(([form, words]) => (
            <Menu.Item key={form} onClick={() => void figure(form as Form, words)}>
              {words}
            </Menu.Item>
          ))}
        </Menu.Dropdown>
      </Menu>
      <NewWord button={button} put={word} />
      <Button {...button} onClick={() => put("Disc", { kind: "disc", x: 0, y: 0, diameter: 20 })}>
        A disc
      </Button>
      <Button {...button} onClick={() => put("Band", { kind: "band", inner: 20, outer: 26 })}>
        A band
      </Button>
      <Button {...button} onClick={() => put("Inside the edge", { kind: "outline", inward: 10 })}>
        Inside the edge
      </Button>
      <Button {...button} onClick={() => void ends()}>
        Its ends or corners
      </Button>
      <FileChooser accept={`${SVG_FILES},${PICTURES}`} onFile={read}>
        {(open) => (
          <Button {...button} onClick={open}>
            A silhouette from a file or photograph
          </Button>
        )}
      </FileChooser>
    </div>
  );
}

interface NewWordProps {
  button: { size: "compact-sm"; variant: "light"; disabled: boolean };
  put: (text: string, font: Font) => Promise<void>;
}

/** A word is typed, its letters are chosen, and it is put there as large as fits. */
function NewWord({ button, put }: NewWordProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [font, setFont] = useState<Value>(WORD.font!.default as string);
  const done = () => {
    setOpen(false);
    void put(text.trim(), font as Font);
  };
  return (
    <Popover opened={open} onChange={setOpen} position="bottom-start" shadow="md" trapFocus withinPortal>
      <Popover.Target>
        <Button {...button} aria-expanded={open} onClick={() => setOpen(!open)}>
          A word…
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <div className="new-word">
          <TextInput
            size="xs"
            label={WORD.text!.name}
            value={text}
            maxLength={WORD.text!.longest}
            onChange={(event) => setText(event.currentTarget.value)}
            onKeyDown={(event) => event.key === "Enter" && text.trim() && done()}
          />
          <RuleField fact={WORD.font!} value={font} set={setFont} />
          <Button size="xs" disabled={!text.trim()} onClick={done}>
            Put it there, as large as fits
          </Button>
        </div>
      </Popover.Dropdown>
    </Popover>
  );
}
