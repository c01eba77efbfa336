/** Paper, which way round, and how far pages overlap. */
import { Choice } from "../studio/Choice";
import { LengthField } from "../studio/LengthField";
import type { Options } from "./room";

const PAPERS = [
  ["A4", "A4"],
  ["A3", "A3"],
  ["Letter", "US Letter"],
] as const;
const WAYS = [
  ["fewest", "fewest pages"],
  ["upright", "upright"],
  ["across", "across"],
] as const;

interface Props {
  options: Options;
  onChange: (options: Options) => void;
}

export function PaperFields({ options, onChange }: Props) {
  return (
    <section aria-label="Paper and pages">
      <h2>Paper</h2>
      <div className="print-fields three">
        <Choice
          name="Paper"
          titled
          value={options.paper}
          options={PAPERS}
          onChange={(paper) => onChange({ ...options, paper })}
        />
        <Choice
          name="Way round"
          titled
          value={options.way}
          options={WAYS}
          onChange={(way) => onChange({ ...options, way })}
        />
        <LengthField
          name="Overlap"
          titled
          value={options.overlap}
          least={0}
          most={400}
          onChange={(overlap) => onChange({ ...options, overlap })}
        />
      </div>
    </section>
  );
}
