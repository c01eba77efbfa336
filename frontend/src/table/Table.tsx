/** At the table: what comes now, the piece beside it, and what to touch with wet fingers. */
import { useMemo, useState } from "react";
import { useStore } from "zustand";
import type { Book, Piece, Step, Told } from "../api/types";
import type { Session } from "../piece/session";
import { Stone } from "../stone/Stone";
import { spokenText, useUnits } from "../studio/units";
import { Beside } from "./Beside";
import type { TableBook } from "./book";
import { nowThere } from "./book";
import { Finished, Gate, Resting } from "./Gate";
import { Glow } from "./Glow";
import { Mishaps } from "./Mishaps";
import { NowCard } from "./NowCard";
import { asItIs, looks } from "./picture";
import { Restored } from "./Restored";
import { standing } from "./standing";
import { TableTop } from "./TableTop";
import { useBegun } from "./useBegun";
import { useKeys } from "./useKeys";
import type { Steps } from "./useSteps";
import { useTick } from "./useTick";
import { useSpoken } from "./voice";
import { Waiting } from "./Waiting";
import { doneWith } from "./whatIsTold";

interface Props {
  session: Session;
  piece: Piece;
  table: TableBook;
  steps: Steps;
  problem: string | null;
}

export function Table({ session, piece, table, steps, problem }: Props) {
  const seen = useStore(table.store);
  const book = seen.book!;
  const units = useUnits((state) => state.units);
  useTick(1000);
  const at = nowThere(seen.ahead);
  const { work, plan } = steps;
  const now = standing(work, book, at);
  const step = now.now;
  const [part, setPart] = useState({ step: "", part: 0 });
  const [asked, setAsked] = useState(false);
  const [read, setRead] = useState("");
  const current = part.step === step?.id ? part.part : 0;
  const leads = book.lead?.page === table.page;
  useBegun(session, steps, book, leads);

  const tell = (...what: Told[]) => table.tell(...what);
  const unread = step !== null && step.cautions.length > 0 && read !== step.id;
  const last = step ? Math.max(step.parts.length - 1, 0) : 0;
  const next = () => {
    if (!leads || !step || book.resting) return;
    if (unread) setRead(step.id);
    else if (current < last) setPart({ step: step.id, part: current + 1 });
    else tell(doneWith(work, book, step, units, at));
  };
  const back = () => {
    if (!leads || book.resting) return;
    if (step && current > 0) setPart({ step: step.id, part: current - 1 });
    else if (book.done.length > 0) tell({ kind: "undone", step: book.done.at(-1)!.step });
  };
  useKeys({ next, back, off: asked || !leads });
  useSpoken(step && leads ? spokenText(aloud(step, current), units) : null);

  const drawn = usePicture(steps, book, step, current, at, piece.blank.base.colour);
  const comes = step ?? now.next;
  const places = step ? placesOf(step, current) : [];
  return (
    <main className="table" aria-label="At the table">
      <TableTop {...{ session, piece, book, leads, now, work, tell }} away={seen.away} waiting={seen.waiting} />
      <div className="table-stone">
        <Stone
          plan={drawn}
          base={piece.blank.base.colour}
          name={`${piece.name} as it is; what comes now glows`}
          turn={step?.parts[current]?.turntable ?? comes?.turntable ?? 0}
          guides="none"
          over={(view, width, height) => <Glow {...{ plan, view, width, height, places }} />}
        />
      </div>
      <section className="table-now" aria-live="polite" aria-label="What comes now">
        {seen.aside > 0 && <Restored table={table} count={seen.aside} />}
        {problem && <p role="status">{problem}</p>}
        {content()}
        {leads && !book.resting && step && <Beside {...{ book, now, at }} />}
      </section>
      <nav className="table-acts" aria-label="What to do">
        <button type="button" className="table-act" disabled={!leads || book.done.length === 0} onClick={back}>
          Back
        </button>
        <button type="button" className="table-act" disabled={!leads} onClick={() => setAsked(true)}>
          Something happened
        </button>
        <button type="button" className="table-act main" disabled={!leads || !step || book.resting} onClick={next}>
          {unread ? "I have read the caution" : current < last ? "Next" : "Done, next"}
        </button>
      </nav>
      {asked && <Mishaps {...{ session, piece, steps, book, step, tell }} onClose={() => setAsked(false)} />}
    </main>
  );

  function content() {
    if (!leads) return <Gate book={book} onLead={() => tell({ kind: "lead", name: "" }, { kind: "sit" })} />;
    if (book.resting) return <Resting tell={tell} />;
    if (step) return <NowCard {...{ step, piece, plan, left: now.left.length }} part={current} />;
    if (now.waits.length > 0) return <Waiting {...{ now, at, tell }} />;
    return <Finished book={book} />;
  }
}

function usePicture(steps: Steps, book: Book, step: Step | null, part: number, at: number, base: string) {
  const found = looks(book, at);
  const key = `${[...found.painted].join()}|${[...found.wet].join()}`;
  const upTo = step?.parts[part]?.first ?? 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is painted and wet is said by the key
  return useMemo(
    () => asItIs(steps.plan, steps.work, found, step?.id ?? null, upTo, base),
    [steps, key, step?.id, upTo, base],
  );
}

/** A step is read out when it comes, with its first part; later parts by themselves. */
function aloud(step: Step, part: number): string {
  const now = step.parts[part] ? `Now ${step.parts[part].words}.` : "";
  return part === 0 ? `${step.words} ${now}`.trim() : now;
}

/** The dots of the step that come next, in their order. */
function placesOf(step: Step, part: number): number[] {
  const from = step.parts[part]?.first ?? 0;
  return step.dots.slice(from, step.parts[part + 1]?.first ?? step.dots.length);
}
