/** A new piece: a finished design from the first moment, calculated anew with every choice. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link } from "wouter";
import { useStore } from "zustand";
import { client, need } from "../api/client";
import { fieldsOf } from "../api/facts";
import type { Blank, Kit, Paint, Pattern, Piece, Shelf, Tool } from "../api/types";
import { useKeepPiece } from "../bench/BenchScreen";
import { usePlan } from "../bench/usePlan";
import { bordered, withOutline } from "../blank/begun";
import { OutlineFields } from "../blank/OutlineFields";
import { ReliefFields } from "../blank/ReliefFields";
import { RuleField } from "../fields/RuleField";
import { ColourField } from "../parts/ColourField";
import { useKitTools, useShelfPaints } from "../parts/useStock";
import { summary } from "../piece/VerdictLine";
import { Starters } from "../stock/Starters";
import { useLedger } from "../stock/useLedger";
import { Stone } from "../stone/Stone";
import { tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import { useUnits } from "../studio/units";
import { Blanks } from "./Blanks";
import "./begin.css";
import { Gallery } from "./Gallery";
import { Paints, Tools } from "./Stock";

export function BeginScreen() {
  const tools = useKitTools();
  const paints = useShelfPaints();
  const patterns = useQuery({
    queryKey: ["patterns"],
    queryFn: () => need(client.GET("/api/patterns")),
  }).data;
  const first = useQuery({ queryKey: ["begin"], queryFn: () => need(client.GET("/api/begin/piece")), gcTime: 0 });
  if (first.isPending || !patterns) return <Shell title="New piece">{null}</Shell>;
  if (!first.data) return <NothingYet again={() => void first.refetch()} />;
  return <Begin first={first.data} tools={tools} paints={paints} patterns={patterns} />;
}

/** A kit or shelf that is empty is offered sets to begin with. */
function NothingYet({ again }: { again: () => void }) {
  const kit = useLedger<Kit>("kit");
  const shelf = useLedger<Shelf>("shelf");
  const saving = [useStore(kit.ledger.store), useStore(shelf.ledger.store)].some(({ saving }) => saving !== "saved");
  const ready = !saving && (kit.document?.tools.length ?? 0) > 0 && (shelf.document?.paints.length ?? 0) > 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again once both are there
  useEffect(() => {
    if (ready) again();
  }, [ready]);
  return (
    <Shell title="New piece">
      <main className="page">
        <h1>New piece</h1>
        <p className="quiet">
          A design is calculated from the dots your tools make and the paints you have. Take a set to begin with, and
          change it to your own in the <Link href="/kit">kit</Link> and on the <Link href="/shelf">shelf</Link>.
        </p>
        <Starters of="kit" ledger={kit.ledger} stock={kit.document} />
        <Starters of="shelf" ledger={shelf.ledger} stock={shelf.document} />
      </main>
    </Shell>
  );
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
          <Blanks
            blank={bare.blank}
            onChange={(part) => change((now) => ({ ...now, blank: { ...now.blank, ...part } }))}
          />
          <Measures
            bare={bare}
            onChange={change}
            ask={(make) => {
              asked.current = asked.current.then(() => answered(make)).catch(tellProblem);
            }}
          />
          <Paints paints={paints} bare={bare} onChange={change} />
          <Tools tools={tools} bare={bare} onChange={change} />
        </form>
        <Gallery patterns={patterns} bare={bare} value={pattern} onChange={setPattern} />
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
        onChange={(change) => {
          const measured = { ...blank, ...withOutline(blank, change(blank.outline)) };
          setBlank(measured);
          ask(async (now) => ({ border: (await bordered(now)).border }));
        }}
      />
      <ReliefFields
        outline={blank.outline}
        relief={blank.relief}
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
        onChange={(base) => setBlank({ base: { ...blank.base, ...base } })}
      />
    </section>
  );
}
