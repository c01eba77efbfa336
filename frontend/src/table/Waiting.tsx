/** Nothing can be done yet: what dries, for how long still, and what to do when it is dry sooner, or not yet. */
import type { Told } from "../api/types";
import { spokenText, useUnits } from "../studio/units";
import { long } from "../work/times";
import { clock } from "./clock";
import type { Standing } from "./standing";

interface Props {
  now: Standing;
  at: number;
  tell: (...what: Told[]) => void;
}

export function Waiting({ now, at, tell }: Props) {
  const units = useUnits((state) => state.units);
  const [longest] = now.waits;
  if (!longest || !now.next) return null;
  const ended = (kind: "dry" | "skip") =>
    tell(...now.waits.map(({ step, state }) => ({ kind, step, state: state! }) as const));
  const wet = () => tell({ kind: "wet", step: longest.step, state: longest.state! });
  return (
    <>
      <p className="table-words">
        Let it dry: {long((longest.due - at) / 60)} more, until {clock(longest.due)}.
      </p>
      <p>Drying: {spokenText(longest.words, units)}</p>
      <p>
        Then: <strong>{spokenText(now.next.words, units)}</strong>
      </p>
      <p className="table-answers">
        <button type="button" className="table-act" onClick={() => ended("dry")}>
          Dry already
        </button>
        <button type="button" className="table-act" onClick={wet}>
          Will take longer
        </button>
        <button type="button" className="table-act" onClick={() => ended("skip")}>
          Skip this wait
        </button>
        <button type="button" className="table-act" onClick={() => tell({ kind: "leave" })}>
          End the sitting
        </button>
      </p>
      <p className="quiet small">
        Press “Dry already” only when you have touched it: later waits for this paint go by it. The wait goes on when
        this page is closed, and every open page says when it is over.
      </p>
    </>
  );
}
