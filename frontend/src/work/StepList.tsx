/** All steps by sittings, one of them picked; arrows go from one to the next. */
import { useEffect, useRef } from "react";
import type { Book, Step, Work } from "../api/types";
import { spokenText, useUnits } from "../studio/units";
import { type Sitting, sittings } from "./sittings";
import { long } from "./times";

interface Props {
  work: Work;
  book: Book;
  /** How many of the artist's own steps the times go by. */
  timed: number;
  picked: string;
  onPick: (id: string) => void;
  /** What is said of the order as a whole. */
  children: React.ReactNode;
  /** What stands below the list. */
  after: React.ReactNode;
}

export function StepList({ work, book, timed, picked, onPick, children, after }: Props) {
  const at = work.steps.findIndex((step) => step.id === picked);
  const go = (event: React.KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const next = by === undefined ? undefined : work.steps[at + by];
    if (!next) return;
    event.preventDefault();
    onPick(next.id);
  };
  const own = sittings(work.steps);
  const done = new Set(book.done.map((one) => one.step));
  return (
    <nav className="work-list" aria-label="Steps">
      <h1>Steps</h1>
      <p className="quiet small">
        {work.steps.length} steps, {long(work.hand_minutes)} of work in {counted(own.length)}.{" "}
        {timed > 0 ? `Times go by ${timed} steps of yours.` : "Times are usual ones, not yet yours."}
      </p>
      {children}
      {own.map((sitting) => (
        <section key={sitting.number} aria-label={`Sitting ${sitting.number}`}>
          <Heading sitting={sitting} />
          <ol onKeyDown={go}>
            {sitting.steps.map((step) => (
              <Line key={step.id} step={step} done={done.has(step.id)} picked={step.id === picked} onPick={onPick} />
            ))}
          </ol>
          {sitting.wait !== null && (
            <p className="work-wait small">
              {sitting.wait < 1 ? "as long as you sit: go on when you like" : `then ${long(sitting.wait)} to dry`}
            </p>
          )}
        </section>
      ))}
      {after}
    </nav>
  );
}

function counted(many: number): string {
  return many === 1 ? "one sitting" : `${many} sittings`;
}

function Heading({ sitting }: { sitting: Sitting }) {
  return (
    <h2>
      Sitting {sitting.number}
      <span className="quiet small figures"> {long(sitting.minutes)} at the table</span>
    </h2>
  );
}

interface LineProps {
  step: Step;
  done: boolean;
  picked: boolean;
  onPick: (id: string) => void;
}

function Line({ step, done, picked, onPick }: LineProps) {
  const units = useUnits((state) => state.units);
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (picked && document.activeElement?.classList.contains("work-step")) button.current?.focus();
  }, [picked]);
  return (
    <li>
      <button
        ref={button}
        type="button"
        className="work-step"
        aria-pressed={picked}
        tabIndex={picked ? 0 : -1}
        onClick={() => onPick(step.id)}
      >
        <span>{spokenText(step.words, units)}</span>
        <span className="figures quiet small">{done ? "✓ done" : long(step.minutes[0])}</span>
      </button>
    </li>
  );
}
