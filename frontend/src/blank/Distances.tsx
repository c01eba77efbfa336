/** Distances from a centre at equal angles, typed one after the other. */
import { useState } from "react";
import { fieldsOf, wordsOf } from "../api/facts";
import type { Outline } from "../api/types";
import { Choice } from "../studio/Choice";
import { outside } from "../studio/limits";
import { TextField } from "../studio/TextField";
import { lengthText, parseLength, spokenLimit, useUnits } from "../studio/units";
import type { OutlineProps } from "./props";

const FACT = fieldsOf("Spoked").distances!;
const LONGEST_TEXT = 900;
const FULL_TURN = 360;

interface Props {
  outline: Extract<Outline, { kind: "spoked" }>;
  /** How many spokes would do; null while that is not known. */
  advised: number | null;
  onChange: OutlineProps["onChange"];
}

const WITHIN = "half a millimetre";

export function Distances({ outline, advised, onChange }: Props) {
  const units = useUnits((state) => state.units);
  const [problem, setProblem] = useState<string | null>(null);
  const { fewest = 0, longest = 0 } = FACT;
  const count = outline.distances.length;
  const refusal = (parts: string[], lengths: (number | null)[]): string | null => {
    const bad = parts.find((_, k) => lengths[k] === null);
    if (bad !== undefined) return `“${bad}” is not a length.`;
    if (lengths.length < fewest || lengths.length > longest)
      return `Give ${fewest} to ${longest} distances at equal angles (given: ${lengths.length}).`;
    const bounds = lengths.map((mm) =>
      outside(mm!, FACT, (limit, round) => spokenLimit(limit, units, round, "distance")),
    );
    const wrong = bounds.findIndex((one) => one !== null);
    return wrong < 0 ? null : `Every distance must be ${bounds[wrong]} (given: ${parts[wrong]}).`;
  };
  const take = (typed: string) => {
    const parts = typed.split(/[\s;]+/).filter(Boolean);
    const lengths = parts.map((part) => parseLength(part, units));
    const wrong = refusal(parts, lengths);
    setProblem(wrong);
    if (!wrong) onChange((now) => ({ ...now, distances: lengths as number[] }) as Outline);
  };
  return (
    <span className="wide-field">
      <TextField
        name={FACT.name ?? ""}
        titled
        value={outline.distances.map((mm) => lengthText(mm, units, "dot")).join(" ")}
        most={LONGEST_TEXT}
        onChange={take}
      />
      <span className="small quiet">
        {count} spokes, one every {Math.round((100 * FULL_TURN) / count) / 100}°
        {advised !== null && advised > count && `; about ${advised} would tell this outline to ${WITHIN}`}
        {advised !== null && advised <= count && `; they tell this outline to ${WITHIN}`}
      </span>
      <Choice
        name="Between the spokes"
        titled
        value={outline.between ?? "swinging"}
        options={wordsOf<"swinging" | "smooth">("Spoked", "between")}
        onChange={(between) => onChange((now) => ({ ...now, between }) as Outline)}
      />
      {problem && (
        <span className="wrong" role="alert">
          {problem}
        </span>
      )}
    </span>
  );
}
