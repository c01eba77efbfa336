/** Beside the step that comes now: what dries and until when, and what comes after. */
import type { Book, Step } from "../api/types";
import { spokenText, useUnits } from "../studio/units";
import { long, STATES } from "../work/times";
import type { Standing } from "./standing";

interface Props {
  book: Book;
  now: Standing;
  at: number;
}

const MOST_SHOWN = 3;

/** What a sentence is about: "Row 3". */
function shortly(words: string): string {
  return words.split(":")[0]!;
}

export function Beside({ book, now, at }: Props) {
  const units = useUnits((state) => state.units);
  const open = book.timers.filter(({ ended, due }) => ended === null && due > at).sort((a, b) => a.due - b.due);
  const after: Step[] = now.left.filter((step) => step !== now.now).slice(0, 2);
  return (
    <div className="table-beside">
      {open.length > 0 && (
        <section aria-label="What dries">
          <h2>Drying</h2>
          <ul>
            {open.slice(0, MOST_SHOWN).map((timer) => (
              <li key={`${timer.step} ${timer.state}`}>
                <strong className="figures">{long((timer.due - at) / 60)}</strong> until it {STATES[timer.state]}:{" "}
                {spokenText(shortly(timer.words), units)}
              </li>
            ))}
            {open.length > MOST_SHOWN && <li className="quiet">and {open.length - MOST_SHOWN} more</li>}
          </ul>
        </section>
      )}
      {after.length > 0 && (
        <section aria-label="What comes after">
          <h2>After this</h2>
          <ul>
            {after.map((step) => (
              <li key={step.id}>{spokenText(step.words, units)}</li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
