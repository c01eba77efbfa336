/** The printer corrected: what the test bars measured, saved in the studio for every later print. */
import { Button } from "@mantine/core";
import { fieldsOf } from "../api/facts";
import type { Printer } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { tellProblem } from "../studio/notice";
import { useChangePrinter } from "../studio/settings";
import { spokenText, useUnits } from "../studio/units";

const FACTS = fieldsOf("Printer");
const BARS = { across: FACTS.across?.default as number, along: FACTS.along?.default as number };
const SIDES = ["across", "along"] as const;

export function PrinterFields({ printer, onBars }: { printer: Printer; onBars: () => void }) {
  const change = useChangePrinter();
  const units = useUnits((state) => state.units);
  const set = (part: Partial<Printer>) => change.mutate(part, { onError: tellProblem });
  return (
    <section aria-label="Printer">
      <h2>Printer</h2>
      <p className="quiet small">
        Few printers are exact. Print the{" "}
        <button type="button" className="print-link" onClick={onBars}>
          test bars
        </button>
        , measure them, and type in what you read: later prints are corrected.
      </p>
      <div className="print-fields">
        {SIDES.map((side) => (
          <RuleField
            key={side}
            fact={{ ...FACTS[side]!, name: spokenText(FACTS[side]!.name ?? "", units) }}
            value={printer[side] ?? BARS[side]}
            set={(mm) => set({ [side]: mm as number })}
          />
        ))}
      </div>
      <p className="figures small" role="status">
        {corrected(printer)}
      </p>
      {corrected(printer) !== NONE && (
        <Button size="xs" variant="default" onClick={() => set(BARS)}>
          Correct nothing
        </Button>
      )}
    </section>
  );
}

const NONE = "No correction.";

function corrected(printer: Printer): string {
  const [across, along] = SIDES.map((side) => (100 * BARS[side]) / (printer[side] ?? BARS[side]));
  if (Math.abs(across! - 100) < 1e-9 && Math.abs(along! - 100) < 1e-9) return NONE;
  return `Prints are drawn at ${across!.toFixed(2)}\u00a0% across and ${along!.toFixed(2)}\u00a0% along.`;
}
