/** The row sheet: the written pattern, one line a row, centre first. Editing happens in it. */
import { Button, Menu } from "@mantine/core";
import { type ReactNode, useEffect, useRef } from "react";
import { useStore } from "zustand";
import { MOST, TRACKS, wordsOf } from "../api/facts";
import type { Piece, Plan, Verdict } from "../api/types";
import type { Session } from "../piece/session";
import { SUFFIX, useUnits } from "../studio/units";
import { walkWords } from "../studio/walkWords";
import { Explained } from "./Explained";
import { MotifHeading } from "./MotifHeading";
import { addMotif, motifOf } from "./motifs";
import { moveRow, RowEditor, removeRow } from "./RowEditor";
import { RowLine } from "./RowLine";
import "./sheet.css";
import { capital, rowMarks } from "./words";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
  row: number | null;
  sliding: boolean;
}

const HALVES = new Map<string, string>(wordsOf("Row", "half").map(([half, words]) => [half, capital(words)]));

const MARKS = [
  ["drawn", "A line of the pen round the centre"],
  ["ticks", "Tick marks, found by halving"],
] as const;

const OTHERS = Object.entries(TRACKS).filter(([, track]) => !track.round && !track.central && !track.fromFile);

export function RowSheet({ session, piece, plan, row, sliding }: Props) {
  const units = useUnits((state) => state.units);
  const { ramps } = plan;
  const walk = walkWords(plan);
  const marks = rowMarks(piece.rows);
  const flags = flagged(plan.verdicts);
  const list = useRef<HTMLDivElement>(null);
  const sheet = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the open row comes into sight when another is picked
  useEffect(() => {
    list.current?.querySelector(".row-open")?.scrollIntoView({ block: "nearest" });
  }, [row]);
  const pick = (index: number) => session.pick(row === index ? null : index);
  const key = (event: React.KeyboardEvent) => {
    const line = (event.target as HTMLElement).closest<HTMLElement>(".row-line");
    if (!line) return;
    const at = Number(line.dataset.index); // marks do not tell the two centres of a ball apart
    if (sheetKey(session, event.key, event.altKey, at, piece.rows.length)) {
      event.preventDefault();
      requestAnimationFrame(() => focusLine(list.current, session.sight.getState().row));
    }
  };
  return (
    <div className="sheet" ref={sheet} onKeyDown={key} role="group" aria-label="Rows, centre first">
      <Explained within={sheet} />
      <div className="row-heading" aria-hidden="true">
        <span />
        <span className="number">Count</span>
        <span className="number">Dot, {SUFFIX[units]}</span>
        <span>Made with</span>
        <span>Shade</span>
        <span>Start</span>
        <span className="number" title={walk.why}>
          {walk.short}
        </span>
        <span className="number">Gap</span>
        <span />
      </div>
      <div className="row-list" ref={list}>
        {piece.rows.map((one, index) => (
          <div key={one.id} className={index === row ? "row-open" : ""}>
            {piece.motifs.length > 0 && one.motif !== piece.rows[index - 1]?.motif && (
              <MotifHeading session={session} piece={piece} plan={plan} motif={one.motif ?? null} />
            )}
            {plan.blank.closed && !one.motif && one.half !== halfBefore(piece, index) && (
              <h3 className="row-half">{HALVES.get(one.half)}</h3>
            )}
            <RowLine
              row={one}
              index={index}
              mark={marks[index]!}
              planned={plan.rows[index]}
              piece={piece}
              ramps={ramps}
              units={units}
              picked={index === row}
              flagged={flags.get(index) ?? null}
              onPick={pick}
            />
            {index === row && (
              <Steady sliding={sliding}>
                <RowEditor
                  session={session}
                  piece={piece}
                  row={one}
                  index={index}
                  mark={marks[index]!}
                  planned={plan.rows[index]}
                  ramps={ramps}
                  closed={plan.blank.closed}
                  walk={walk.short}
                  rim={one.motif ? (motifOf(plan, one.motif)?.limit ?? plan.rim) : plan.rim}
                  circles={one.motif ? [] : plan.circles}
                />
              </Steady>
            )}
          </div>
        ))}
        <div className="row-add">
          <Button size="xs" variant="light" onClick={() => void session.addRow()}>
            Add a row
          </Button>
          <OtherRow session={session} />
          <span className="small quiet">Up and Down pick a row, Alt moves it, Delete removes it.</span>
        </div>
      </div>
    </div>
  );
}

/** Where the row before stands, motifs left aside: they have a heading of their own. */
function halfBefore(piece: Piece, index: number): string | undefined {
  return piece.rows.slice(0, index).findLast((row) => !row.motif)?.half;
}

/** A row of another kind: fans, dots into the gaps, a row along the edge. */
function OtherRow({ session }: { session: Session }) {
  const full = useStore(session.ledger.store, (state) => (state.document?.motifs.length ?? 0) >= MOST.motifs);
  return (
    <Menu position="top-start" withinPortal>
      <Menu.Target>
        <Button size="xs" variant="default">
          Add another kind…
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        {OTHERS.map(([kind, { name }]) => (
          <Menu.Item key={kind} onClick={() => void session.addRowOn(kind)}>
            {capital(name)}
          </Menu.Item>
        ))}
        {MARKS.map(([kind, name]) => (
          <Menu.Item key={kind} onClick={() => void session.addRowOn(kind)}>
            {name}
          </Menu.Item>
        ))}
        <Menu.Item disabled={full} onClick={() => void addMotif(session)}>
          A motif with a centre of its own
        </Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

/** The open row's fields wait until the hand rests; its line above them tells what changes while it is slid. */
function Steady({ sliding, children }: { sliding: boolean; children: ReactNode }) {
  const shown = useRef(children);
  if (!sliding) shown.current = children;
  return shown.current;
}

/** The worst open finding of each row. */
function flagged(verdicts: Verdict[]): Map<number, "serious" | "warning"> {
  const flags = new Map<number, "serious" | "warning">();
  for (const verdict of verdicts) {
    if (verdict.accepted !== null || verdict.severity === "note") continue;
    for (const row of verdict.rows) if (flags.get(row) !== "serious") flags.set(row, verdict.severity);
  }
  return flags;
}

/** What a key does on a line of the sheet; false when it is not one of ours. */
function sheetKey(session: Session, key: string, alt: boolean, at: number, rows: number): boolean {
  if (key === "Delete") removeRow(session, at);
  else if (key === "ArrowDown" && alt) moveRow(session, at, 1);
  else if (key === "ArrowUp" && alt) moveRow(session, at, -1);
  else if (key === "ArrowDown") session.pick(Math.min(at + 1, rows - 1));
  else if (key === "ArrowUp") session.pick(Math.max(at - 1, 0));
  else if (key === "Home") session.pick(0);
  else if (key === "End") session.pick(rows - 1);
  else return false;
  return true;
}

function focusLine(list: HTMLElement | null, row: number | null): void {
  if (row !== null) list?.querySelectorAll<HTMLElement>(".row-line")[row]?.focus();
}
