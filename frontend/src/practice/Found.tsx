/** What a sheet says, tool by tool, while it is still being put right. */
import { spokenLength, useUnits } from "../studio/units";
import type { SheetAnswer, Steady } from "./onSheet";
import { pairs } from "./words";

interface Props {
  answer: SheetAnswer;
  steady: readonly Steady[];
}

export function Found({ answer, steady }: Props) {
  const units = useUnits((state) => state.units);
  const { sheet, blocks, seen, marks } = answer;
  const smudges = seen.filter((one) => one.smudged).length;
  const strays = seen.filter((one) => one.block === null && !one.smudged).length;
  const targets = blocks.reduce((sum, block) => sum + block.places.length, 0);
  const met = seen.filter((one) => one.block !== null && !one.smudged).length;
  return (
    <div aria-live="polite">
      <p>
        <b>{met}</b> of {targets} targets are painted{strays > 0 && `, ${strays} dots are meant for none`}
        {smudges > 0 && `, ${smudges} are smudged and not measured`}. {marks} marks were found.
      </p>
      {sheet.tools.map((tool, k) => {
        const own = seen.filter((one) => one.block !== null && blocks[one.block]?.tool === k && !one.smudged);
        const row = steady.find((one) => one.tool === tool.tool && one.technique === "row");
        const load = steady.find((one) => one.tool === tool.tool && one.load)?.load;
        const swipes = own.filter((one) => one.length !== null);
        return (
          <section key={tool.tool} className="sheet-tool">
            <h3>{tool.name}</h3>
            {row ? (
              <p className="small">
                {spokenLength(rounded(row.dot), units)} wide, ±{(100 * row.size).toFixed(1)} %; places ±
                {spokenLength(rounded(row.place), units)}. {pairs(row, 1, units)}
              </p>
            ) : (
              <p className="small quiet">Too few dots of its row to tell.</p>
            )}
            {load && (
              <p className="small">
                One load: {load[1]} dots, each {load[0].toFixed(2)} of the one before.
              </p>
            )}
            {swipes.length > 0 && (
              <p className="small">
                Swipes: {spokenLength(rounded(mean(swipes.map((one) => one.length!))), units)} long.
              </p>
            )}
          </section>
        );
      })}
    </div>
  );
}

const mean = (values: number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;
const rounded = (mm: number) => Math.round(mm * 100) / 100;
