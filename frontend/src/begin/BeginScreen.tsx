/** A new piece: a finished design from the first moment, calculated anew with every choice. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link } from "wouter";
import { client, need } from "../api/client";
import { fieldsOf } from "../api/facts";
import type { Blank, Paint, Pattern, Piece, Tool } from "../api/types";
import { useKeepPiece } from "../bench/BenchScreen";
import { usePlan } from "../bench/usePlan";
import { bordered, outlineBegun, reliefBegun, withOutline } from "../blank/begun";
import { OutlineFields } from "../blank/OutlineFields";
import { ReliefFields } from "../blank/ReliefFields";
import { RuleField } from "../fields/RuleField";
import { ColourField } from "../parts/ColourField";
import { useKitTools, useShelfPaints } from "../parts/useStock";
import { summary } from "../piece/VerdictLine";
import { Stone } from "../stone/Stone";
import { tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import { useUnits } from "../studio/units";
import "./begin.css";

export function BeginScreen() {
  const tools = useKitTools();
  const paints = useShelfPaints();
  const patterns = useQuery({
    queryKey: ["patterns"],
    queryFn: () => need(client.GET("/api/patterns")),
  }).data;
  const first = useQuery({ queryKey: ["begin"], queryFn: () => need(client.GET("/api/begin/piece")), gcTime: 0 });
  if (first.isPending || !patterns) return <Shell title="New piece">{null}</Shell>;
  if (!first.data)
    return (
      <Shell title="New piece">
        <main className="page">
          <h1>New piece</h1>
          <p className="quiet">
            A design is calculated from measured dots and paints. Put at least one tool into the{" "}
            <Link href="/kit">kit</Link> and one paint on the <Link href="/shelf">shelf</Link> first.
          </p>
        </main>
      </Shell>
    );
  return <Begin first={first.data} tools={tools} paints={paints} patterns={patterns} />;
}

const PIECE = fieldsOf("Piece");
const BLANK = fieldsOf("Blank");

interface Props {
  first: Piece;
  tools: Tool[];
  paints: Paint[];
  patterns: Pattern[];
}

const design = (piece: Piece, pattern: string, signal?: AbortSignal) =>
  need(client.POST("/api/compose", { body: { piece, pattern }, signal }));

function Begin({ first, tools, paints, patterns }: Props) {
  const units = useUnits((state) => state.units);
  const latest = useRef(first);
  const [bare, setBare] = useState<Piece>(first);
  const asked = useRef<Promise<unknown>>(Promise.resolve());
  const form = useRef<HTMLFormElement>(null);
  const change = (edit: (now: Piece) => Piece) => {
    latest.current = edit(latest.current);
    setBare(latest.current);
  };
  const answered = async (make: MakeBlank) => {
    const part = await make(latest.current.blank);
    change((now) => ({ ...now, blank: { ...now.blank, ...part } }));
  };
  const [pattern, setPattern] = useState(patterns[0]!.id);
  const [busy, setBusy] = useState(false);
  const composed = useQuery({
    queryKey: ["compose", bare, pattern],
    queryFn: ({ signal }) => design(bare, pattern, signal),
    placeholderData: (before) => before,
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const piece = composed.data && { ...composed.data, name: bare.name };
  const plan = usePlan(piece, [bare, pattern, composed.dataUpdatedAt]);
  const [shown, setShown] = useState(plan.data);
  useEffect(() => {
    if (plan.data) setShown(plan.data);
  }, [plan.data]);
  useEffect(() => form.current?.querySelector<HTMLInputElement>('input:not([type="file"])')?.focus(), []);
  const keep = useKeepPiece();
  const begin = async () => {
    setBusy(true);
    try {
      await asked.current; // what was typed last may still be asked about
      await keep(await design(latest.current, pattern), "Begin the piece");
    } catch (cause) {
      tellProblem(cause);
    }
    setBusy(false);
  };
  return (
    <Shell title="New piece">
      <main className="begin">
        <form
          ref={form}
          className="begin-form"
          onSubmit={(event) => {
            event.preventDefault();
            void begin();
          }}
        >
          <h1>New piece</h1>
          <Measures
            bare={bare}
            onChange={change}
            ask={(make) => {
              asked.current = asked.current.then(() => answered(make)).catch(tellProblem);
            }}
          />
          <Patterns patterns={patterns} value={pattern} onChange={setPattern} />
          <Paints paints={paints} bare={bare} onChange={change} />
          <Tools tools={tools} bare={bare} onChange={change} />
        </form>
        <section className="begin-stone" aria-label="The design">
          {composed.error ? (
            <p className="begin-problem" role="alert">
              {composed.error.message}
            </p>
          ) : (
            shown &&
            piece && (
              <Stone
                plan={shown}
                base={piece.blank.base.colour}
                poles={"poles" in piece.blank.relief ? piece.blank.relief.poles : undefined}
                name={`${piece.name}, drawn live`}
                guides="none"
              />
            )
          )}
        </section>
        <footer className="begin-foot">
          <span role="status" className="figures">
            {composed.error || !shown ? "" : summary(shown, units)}
          </span>
          <span className="grow" />
          <Button component={Link} href="/" variant="subtle">
            Back to the Bench
          </Button>
          <Button onClick={() => void begin()} disabled={composed.isError} loading={busy}>
            Begin this piece
          </Button>
        </footer>
      </main>
    </Shell>
  );
}

interface PartProps {
  bare: Piece;
  onChange: (change: (now: Piece) => Piece) => void;
}

/** What changes in the blank, worked out by the server from the blank as it then stands. */
type MakeBlank = (blank: Blank) => Promise<Partial<Blank>>;

interface MeasuresProps extends PartProps {
  /** What a measure leads to is asked of the server, one after the other; nothing is begun before it has answered. */
  ask: (make: MakeBlank) => void;
}

function Measures({ bare, onChange, ask }: MeasuresProps) {
  const { blank } = bare;
  const set = (part: Partial<Piece>) => onChange((now) => ({ ...now, ...part }));
  const setBlank = (part: Partial<Blank>) => onChange((now) => ({ ...now, blank: { ...now.blank, ...part } }));
  return (
    <section className="begin-fields" aria-label="Measures">
      <OutlineFields
        outline={blank.outline}
        onKind={(kind) =>
          ask(async (now) => {
            const { outline, border, relief, centre } = await outlineBegun(now, kind);
            return { outline, border, relief, centre };
          })
        }
        onChange={(change) => {
          const measured = { ...blank, ...withOutline(blank, change(blank.outline)) };
          setBlank(measured);
          ask(async (now) => ({ border: (await bordered(now)).border }));
        }}
      />
      <ReliefFields
        outline={blank.outline}
        relief={blank.relief}
        onKind={(kind) => ask(async (now) => ({ relief: (await reliefBegun(now, kind)).relief }))}
        onChange={(change) => setBlank({ relief: change(blank.relief) })}
      />
      <RuleField
        fact={PIECE.segments!}
        value={bare.segments}
        set={(segments) => set({ segments: segments as number })}
      />
      <RuleField fact={BLANK.border!} value={blank.border} set={(border) => setBlank({ border: border as number })} />
      <RuleField fact={PIECE.name!} value={bare.name} set={(name) => set({ name: name as string })} />
      <RuleField
        fact={BLANK.material!}
        value={blank.material}
        set={(material) => setBlank({ material: material as Blank["material"] })}
      />
      <ColourField
        name="Base coat"
        titled
        colour={blank.base.colour}
        label={blank.base.name}
        onChange={(base) => setBlank({ base })}
      />
    </section>
  );
}

function Patterns({
  patterns,
  value,
  onChange,
}: {
  patterns: Pattern[];
  value: string;
  onChange: (id: string) => void;
}) {
  return (
    <fieldset className="begin-group">
      <legend>Starting pattern</legend>
      {patterns.map((pattern) => (
        <label key={pattern.id} className="begin-pattern">
          <input type="radio" name="pattern" checked={pattern.id === value} onChange={() => onChange(pattern.id)} />
          <span>
            <strong>{pattern.name}</strong> <span className="quiet small">{pattern.about}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}

/** One is always left chosen: a piece needs a paint, and a design a tool. */
function toggled<T extends { id: string }>(chosen: T[], one: T, all: T[]): T[] {
  const without = chosen.filter((other) => other.id !== one.id);
  if (without.length === chosen.length)
    return all.filter((other) => other.id === one.id || chosen.some((mine) => mine.id === other.id));
  return without.length ? without : chosen;
}

function Paints({ paints, bare, onChange }: PartProps & { paints: Paint[] }) {
  return (
    <fieldset className="begin-group">
      <legend>Paints</legend>
      <div className="chips">
        {paints.map((paint) => (
          <button
            key={paint.id}
            type="button"
            className="chip"
            aria-pressed={bare.paints.some((one) => one.id === paint.id)}
            onClick={() => onChange((now) => ({ ...now, paints: toggled(now.paints, paint, paints) }))}
          >
            <span className="swatch" style={{ background: paint.colour }} />
            {paint.name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function Tools({ tools, bare, onChange }: PartProps & { tools: Tool[] }) {
  return (
    <fieldset className="begin-group">
      <legend>Tools</legend>
      <div className="chips">
        {tools.map((tool) => (
          <button
            key={tool.id}
            type="button"
            className="chip square"
            aria-pressed={bare.tools.some((one) => one.id === tool.id)}
            onClick={() => onChange((now) => ({ ...now, tools: toggled(now.tools, tool, tools) }))}
          >
            {tool.name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
