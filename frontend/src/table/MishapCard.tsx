/** One thing that happened: where, what to do, what it measures, what can be mended. It is told when the card is left. */
import { useState } from "react";
import { client, need } from "../api/client";
import type { Change, Mishap, Piece, Plan, Step } from "../api/types";
import { withChanges } from "../piece/edits";
import { Stone } from "../stone/Stone";
import { tell as notice } from "../studio/notice";
import { spokenText, useUnits } from "../studio/units";
import { long } from "../work/times";
import type { MishapProps } from "./Mishaps";
import { asItIs, looks } from "./picture";
import { Stepper } from "./Stepper";

const REPAIRS: Record<string, string> = {
  cover: "Cover it and dot it again",
  accent: "Hide it under an accent",
  "hair line": "Part them by a hair line",
};

interface Props extends MishapProps {
  mishap: Mishap;
  onBack: () => void;
}

interface Where {
  step: Step;
  /** The dot as the plan counts it, its row, and its place among the row's. */
  dot: number;
  row: number;
  place: number;
}

export function MishapCard({ session, piece, steps, book, step, tell, onClose, mishap, onBack }: Props) {
  const { plan, work } = steps;
  const [dot, setDot] = useState<number | null>(null);
  const [size, setSize] = useState<number | null>(null);
  const [off, setOff] = useState({ outward: 0, right: 0 });
  const [busy, setBusy] = useState(false);
  const where = dot === null ? null : whereIs(steps, dot);
  const about = where?.step ?? step ?? work.steps.find(({ id }) => id === book.done.at(-1)?.step) ?? work.steps[0]!;
  const wide = dot === null ? null : 2 * plan.dots.r[dot]!;
  const ending = (note: string) => {
    const place = where ? `row ${plan.rows[where.row]!.mark}, place ${plan.dots.place[where.dot]! + 1}` : "";
    tell({ kind: "happened", what: mishap.id as "touched", step: about.id, where: place.slice(0, 400), note });
    onClose();
  };
  const change = async (label: string, ask: (now: Piece) => Promise<Change[]>, note: string) => {
    setBusy(true);
    await session.askedOrTold(label, async (now) => ({ piece: withChanges(now, await ask(now)) }));
    setBusy(false);
    ending(note);
    const clash = session.piece && (await clashOf(session.piece));
    notice(`${label}. ${clash ? `Now ${clash} ` : ""}Undo it on the Steps screen.`);
  };
  const begun = async (now: Piece, { step: own }: Where) => {
    const rows = [{ row: own.row!, trims: own.trim ? [own.trim] : [] }];
    const changes = await need(client.POST("/api/painted/begun", { body: { piece: now, begun: rows } }));
    return { changes, piece: withChanges(now, changes) };
  };
  const found = (at: Where, dots: number[]) =>
    change(
      "Take it as it is",
      async (now) => {
        const kept = await begun(now, at);
        const body = { piece: kept.piece, row: at.row, dots, found: { diameter: size, ...off } };
        return [...kept.changes, ...(await need(client.POST("/api/painted/found", { body })))];
      },
      "taken as it is",
    );
  const mend = (at: Where, kind: string) =>
    change(
      REPAIRS[kind]!,
      (now) =>
        need(
          client.POST("/api/painted/repair", {
            body: { piece: now, row: at.row, dot: at.place, kind: kind as "cover" },
          }),
        ),
      REPAIRS[kind]!.toLowerCase(),
    );
  const shown = asItIs(plan, work, looks(book, 0), null, 0, piece.blank.base.colour);
  const measures = mishap.asks !== "" && where !== null && wide !== null;
  return (
    <div className="table-mishap">
      <div className="table-stone">
        <Stone
          plan={shown}
          base={piece.blank.base.colour}
          name="Touch the dot it happened to"
          places={dot === null ? [] : [dot]}
          guides="none"
          onPick={(picked) => {
            setDot(picked);
            setSize(null);
            setOff({ outward: 0, right: 0 });
          }}
        />
      </div>
      <div className="table-told">
        <h1>{mishap.name}</h1>
        <p>
          <strong>While it is wet.</strong> {mishap.wet}
        </p>
        <p>
          <strong>When it is dry.</strong> {mishap.dry}
        </p>
        <p className="quiet">
          With {mishap.tools}.{mishap.waits && ` ${waitWords(about, mishap.waits)}`}
        </p>
        {!where && <p className="table-part">Touch the dot on the piece to say where, or just note it.</p>}
        {measures && mishap.asks === "size" && <Stepper field="diameter" value={size ?? wide} onChange={setSize} />}
        {measures && mishap.asks === "place" && (
          <>
            <Stepper field="outward" value={off.outward} onChange={(outward) => setOff({ ...off, outward })} />
            <Stepper field="right" value={off.right} onChange={(right) => setOff({ ...off, right })} />
          </>
        )}
        <div className="table-grid">
          {measures && (size !== null || off.outward !== 0 || off.right !== 0) && (
            <>
              <button
                type="button"
                className="table-act main"
                disabled={busy}
                onClick={() => void found(where, [where.place])}
              >
                Keep this dot so
              </button>
              {mishap.asks === "size" && where.step.dots.length > 1 && (
                <button
                  type="button"
                  className="table-act"
                  disabled={busy}
                  onClick={() => void found(where, allOf(steps, where))}
                >
                  All {where.step.dots.length} of this step
                </button>
              )}
            </>
          )}
          {where &&
            mishap.repairs.map((kind) => (
              <button
                key={kind}
                type="button"
                className="table-act"
                disabled={busy}
                onClick={() => void mend(where, kind)}
              >
                {REPAIRS[kind]}
              </button>
            ))}
          <button type="button" className="table-act" disabled={busy} onClick={() => ending("noted")}>
            Note it and go on
          </button>
          <button type="button" className="table-act" disabled={busy} onClick={onBack}>
            Something else
          </button>
        </div>
      </div>
    </div>
  );
}

/** The first serious finding of the plan as it now is: what clashes with what is on the piece. */
async function clashOf(piece: Piece): Promise<string | null> {
  const { units } = useUnits.getState();
  const plan = await need(client.POST("/api/plan", { body: piece })).catch(() => null);
  const found = (plan as Plan | null)?.verdicts.find(({ severity, accepted }) => severity === "serious" && !accepted);
  return found ? spokenText(found.text, units) : null;
}

function whereIs({ plan, work }: MishapProps["steps"], dot: number): Where | null {
  const step = work.steps.find(({ dots }) => dots.includes(dot));
  const row = plan.dots.row[dot]!;
  return step ? { step, dot, row, place: dot - plan.rows[row]!.first } : null;
}

/** All dots of the step, counted from the row's first. */
function allOf({ plan }: MishapProps["steps"], { step, row }: Where): number[] {
  return step.dots.map((dot) => dot - plan.rows[row]!.first);
}

function waitWords(step: Step, state: string): string {
  const wait = step.leaves.find((one) => one.state === state) ?? step.leaves[0];
  return wait ? `Such paint is dry for it about ${long(wait.minutes)} after it was set.` : "";
}
