/** A new piece: a finished design from the first moment, reckoned anew with every choice. */
import { Button } from "@mantine/core";
import { queryOptions, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "wouter";
import { client, need } from "../api/client";
import type { Paint, Pattern, Piece, Tool } from "../api/types";
import { useKeepPiece } from "../bench/BenchScreen";
import { usePlan } from "../bench/usePlan";
import { withOutline } from "../blank/BlankPart";
import { MATERIALS } from "../blank/materials";
import { acrossMm } from "../blank/measures";
import { OutlineFields } from "../blank/OutlineFields";
import { ReliefFields } from "../blank/ReliefFields";
import { ColourField } from "../parts/ColourField";
import { useKitTools, useShelfPaints } from "../parts/useStock";
import { summary } from "../piece/VerdictLine";
import { Stone } from "../stone/Stone";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import { TextField } from "../studio/TextField";
import { useUnits } from "../studio/units";
import "./begin.css";
import { borderFor, freshPiece } from "./fresh";

export function BeginScreen() {
  const tools = useKitTools();
  const paints = useShelfPaints();
  const patterns = useQuery({
    queryKey: ["patterns"],
    queryFn: () => need(client.GET("/api/patterns")),
  }).data;
  if (!patterns || tools.length === 0 || paints.length === 0)
    return (
      <Shell title="New piece">
        <main className="page">
          <h1>New piece</h1>
          <p className="quiet">
            A design is reckoned from measured dots and paints. Put at least one tool into the{" "}
            <Link href="/kit">kit</Link> and one paint on the <Link href="/shelf">shelf</Link> first.
          </p>
        </main>
      </Shell>
    );
  return <Begin tools={tools} paints={paints} patterns={patterns} />;
}

interface Props {
  tools: Tool[];
  paints: Paint[];
  patterns: Pattern[];
}

const composing = (piece: Piece, pattern: string) =>
  queryOptions({
    queryKey: ["compose", piece, pattern],
    queryFn: ({ signal }) => need(client.POST("/api/compose", { body: { piece, pattern }, signal })),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });

function Begin({ tools, paints, patterns }: Props) {
  const units = useUnits((state) => state.units);
  const [bare, setBare] = useState<Piece>(() => freshPiece(tools, paints));
  const [pattern, setPattern] = useState(patterns[0]!.id);
  const [busy, setBusy] = useState(false);
  const queries = useQueryClient();
  const composed = useQuery({ ...composing(bare, pattern), placeholderData: (before) => before });
  const piece = composed.data && { ...composed.data, name: bare.name };
  const plan = usePlan(piece, [bare, pattern, composed.dataUpdatedAt]);
  const [shown, setShown] = useState(plan.data);
  useEffect(() => {
    if (plan.data) setShown(plan.data);
  }, [plan.data]);
  const keep = useKeepPiece();
  const begin = async () => {
    setBusy(true);
    try {
      await keep(await queries.fetchQuery(composing(bare, pattern)), "Begin the piece");
    } catch (cause) {
      tellProblem(cause);
    }
    setBusy(false);
  };
  return (
    <Shell title="New piece">
      <main className="begin">
        <form
          className="begin-form"
          onSubmit={(event) => {
            event.preventDefault();
            void begin();
          }}
        >
          <h1>New piece</h1>
          <Measures bare={bare} onChange={setBare} />
          <Patterns patterns={patterns} value={pattern} onChange={setPattern} />
          <Paints paints={paints} bare={bare} onChange={setBare} />
          <Tools tools={tools} bare={bare} onChange={setBare} />
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
                guides={false}
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
  onChange: (piece: Piece) => void;
}

function Measures({ bare, onChange }: PartProps) {
  const { blank } = bare;
  const setBlank = (part: Partial<Piece["blank"]>) => onChange({ ...bare, blank: { ...blank, ...part } });
  return (
    <section className="begin-fields" aria-label="Measures">
      <OutlineFields
        outline={blank.outline}
        autoFocus
        onChange={(change) => {
          const outline = change(blank.outline);
          setBlank({ ...withOutline(blank, outline), border: borderFor(acrossMm(outline)) });
        }}
      />
      <ReliefFields
        outline={blank.outline}
        relief={blank.relief}
        onChange={(change) => setBlank({ relief: change(blank.relief) })}
      />
      <NumberField
        name="Segments"
        titled
        value={bare.segments}
        least={3}
        most={48}
        onChange={(segments) => onChange({ ...bare, segments })}
      />
      <LengthField
        name="Border kept clear"
        titled
        kind="distance"
        value={blank.border}
        least={0}
        most={200}
        onChange={(border) => setBlank({ border })}
      />
      <TextField name="Name" titled value={bare.name} onChange={(name) => onChange({ ...bare, name })} />
      <Choice
        name="Material"
        titled
        value={blank.material}
        options={MATERIALS}
        onChange={(material) => setBlank({ material })}
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
            onClick={() => onChange({ ...bare, paints: toggled(bare.paints, paint, paints) })}
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
            onClick={() => onChange({ ...bare, tools: toggled(bare.tools, tool, tools) })}
          >
            {tool.name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
