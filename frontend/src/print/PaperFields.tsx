/** Paper, which way round, and how far pages overlap. */
import { fieldsOf } from "../api/facts";
import { KindFields } from "../fields/KindFields";
import type { Options } from "./room";

const PAPER = ["paper", "way", "overlap"];
const OTHERS = Object.keys(fieldsOf("PrintRequest")).filter((field) => !PAPER.includes(field));

interface Props {
  options: Options;
  onChange: (options: Options) => void;
}

export function PaperFields({ options, onChange }: Props) {
  return (
    <section aria-label="Paper and pages">
      <h2>Paper</h2>
      <div className="print-fields three">
        <KindFields
          model="PrintRequest"
          value={options}
          without={OTHERS}
          set={(change) => onChange(change(options) as unknown as Options)}
        />
      </div>
    </section>
  );
}
