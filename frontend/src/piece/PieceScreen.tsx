/** A piece: the stone, the row sheet and the spoke, linked. */
import { SegmentedControl } from "@mantine/core";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useStore } from "zustand";
import type { Piece, Plan, Trim } from "../api/types";
import { BlankPart } from "../blank/BlankPart";
import { OnTheStone, setCentre } from "../blank/OnTheStone";
import { ColoursPart } from "../parts/ColoursPart";
import { ToolsPart } from "../parts/ToolsPart";
import { RowSheet } from "../sheet/RowSheet";
import { shadeName, trimWord } from "../sheet/words";
import { Spoke } from "../spoke/Spoke";
import { walkOf } from "../spoke/walk";
import { Stone } from "../stone/Stone";
import { Lost } from "../studio/Lost";
import { Shell } from "../studio/Shell";
import { spokenLength, spokenText, useUnits } from "../studio/units";
import { BranchNotice } from "./BranchNotice";
import { Divider } from "./Divider";
import "./piece.css";
import { Strip } from "./Strip";
import type { Session } from "./session";
import { type Filled, useDividers } from "./useDividers";
import { useUndoKeys } from "./useKeys";
import { useSession } from "./useSession";
import { VerdictLine } from "./VerdictLine";

const PARTS = ["Rows", "Blank", "Tools", "Colours"] as const;
type Part = (typeof PARTS)[number];
const FILL: Record<string, Filled> = { F8: "stone", F9: "sheet", F10: "spoke" };

export function PieceScreen({ id }: { id: string }) {
  const session = useSession(id);
  const piece = useStore(session.ledger.store, (state) => state.document);
  const lost = useStore(session.ledger.store, (state) => state.lost);
  const plan = useStore(session.sight, (state) => state.plan);
  useUndoKeys(session.ledger);
  if (lost) return <Lost why={lost} />;
  if (!piece)
    return (
      <Shell title="Piece">
        <main className="page quiet">Opening the piece…</main>
      </Shell>
    );
  return (
    <Shell title={piece.name} strip={<Strip session={session} piece={piece} />}>
      {plan ? <Instruments session={session} piece={piece} plan={plan} /> : <Waiting session={session} />}
    </Shell>
  );
}

/** Until the first plan is there, or why there is none. */
function Waiting({ session }: { session: Session }) {
  const problem = useStore(session.sight, (state) => state.problem);
  return <main className="page quiet">{problem ?? "Reckoning…"}</main>;
}

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

function Instruments({ session, piece, plan }: Props) {
  const { row, shown, moving, problem, planOf } = useStore(session.sight);
  const units = useUnits((state) => state.units);
  const [part, setPart] = useState<Part>("Rows");
  const { shares, set, filled, setFilled } = useDividers();
  const of = moving ?? piece;
  const drawn = planOf ?? piece;
  const places = useMemo(() => plan.verdicts.find((one) => one.key === shown)?.dots ?? [], [plan, shown]);
  const onDrawn = useCallback((drawnPlan: Plan) => session.drawn(drawnPlan), [session]);
  useFillKeys(setFilled);
  const layout = {
    "--stone": `${shares.stone * 100}%`,
    "--spoke": `${shares.spoke}px`,
  } as React.CSSProperties;
  return (
    <main className={`instruments ${filled ? `fill-${filled}` : ""}`} style={layout}>
      <div className="at-notice">
        <BranchNotice session={session} />
      </div>
      <section className="at-stone" aria-label="The stone">
        <Stone
          plan={plan}
          base={drawn.blank.base.colour}
          name={`${piece.name}, ${plan.totals.dots} dots`}
          poles={"poles" in drawn.blank.relief ? drawn.blank.relief.poles : undefined}
          plain={moving !== null}
          row={row}
          places={places}
          margin={part === "Blank" ? 0.7 : undefined}
          over={
            part === "Blank"
              ? (view, width, height) => <OnTheStone {...{ session, piece: of, plan, view, width, height }} />
              : undefined
          }
          onPick={(dot, at) => {
            if (part === "Blank" && of.blank.centre.kind === "point") setCentre(session, plan, at);
            else session.pick(dot === null ? null : plan.dots.row[dot]!);
          }}
          describe={(dot) => <DotNote piece={drawn} plan={plan} dot={dot} />}
          onDrawn={onDrawn}
        />
      </section>
      <Divider
        name="Between stone and sheet"
        upright
        value={shares.stone * 100}
        onMove={(by) => set({ stone: shares.stone + by / window.innerWidth })}
      />
      <section className="at-sheet" aria-label="The row sheet">
        <div className="parts">
          <SegmentedControl
            size="xs"
            data={[...PARTS]}
            value={part}
            onChange={(value) => setPart(value as Part)}
            aria-label="Parts of the piece"
          />
          <span className="small quiet cut">
            {spokenText(plan.blank.words, units, "distance")}, {of.segments} segments
          </span>
        </div>
        <div className="part">
          {part === "Rows" && <RowSheet session={session} piece={of} plan={plan} row={row} />}
          {part === "Blank" && <BlankPart session={session} piece={of} plan={plan} />}
          {part === "Tools" && <ToolsPart session={session} piece={of} />}
          {part === "Colours" && <ColoursPart session={session} piece={of} plan={plan} />}
        </div>
      </section>
      <Divider
        name="Between stone and spoke"
        upright={false}
        value={shares.spoke}
        onMove={(by) => set({ spoke: shares.spoke - by })}
      />
      <section className="at-spoke" aria-label="The spoke">
        <Spoke session={session} plan={plan} piece={drawn} row={row} />
      </section>
      <div className="at-verdicts">
        <VerdictLine session={session} piece={of} plan={plan} problem={problem} shown={shown} />
      </div>
    </main>
  );
}

/** One key lets an instrument fill the screen, and gives it back. */
function useFillKeys(setFilled: (next: (now: Filled) => Filled) => void): void {
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      const wanted = FILL[event.key];
      if (!wanted) return;
      event.preventDefault();
      setFilled((now) => (now === wanted ? null : wanted));
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, [setFilled]);
}

function flatTrims(trims: Trim[]): Trim[] {
  return trims.flatMap((trim) => [trim, ...flatTrims("trims" in trim ? (trim.trims as Trim[]) : [])]);
}

/** What is said of a dot that is pointed at: its row, tool, shade and distance. */
function DotNote({ piece, plan, dot }: { piece: Piece; plan: Plan; dot: number }) {
  const units = useUnits((state) => state.units);
  const index = plan.dots.row[dot]!;
  const planned = plan.rows[index];
  const row = piece.rows[index];
  if (!planned || !row) return null;
  const trim = plan.dots.trim[dot]!;
  const member = row.pattern[plan.dots.place[dot]! % row.pattern.length];
  const tool =
    row.fit === "size" ? "fitted size" : (piece.tools.find((one) => one.id === member?.tool)?.name ?? "free size");
  const shade = row.shades[plan.dots.place[dot]! % row.shades.length];
  return (
    <span className="figures">
      <strong>{planned.mark === "C" ? "Centre" : `Row ${planned.mark}`}</strong>,{" "}
      {spokenLength(2 * plan.dots.r[dot]!, units)},{" "}
      {trim < 0 ? tool : trimWord(flatTrims(row.trims as Trim[])[trim]!, units)},{" "}
      {trim < 0 ? shade && shadeName(shade, piece) : plan.shades[plan.dots.shade[dot]!]?.name},{" "}
      {spokenLength(walkOf(plan, dot), units, "distance")} from the centre, painted {plan.dots.hand[dot]! + 1} of{" "}
      {planned.painted}
    </span>
  );
}
