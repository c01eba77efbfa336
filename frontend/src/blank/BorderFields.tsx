/** The border kept clear: an even inset, or a reduced copy, and how uneven the second is. */
import { fieldsOf } from "../api/facts";
import type { Blank, BlankReport, Plan } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { Choice } from "../studio/Choice";
import { spokenLength, useUnits } from "../studio/units";
import type { TryBlank } from "./useTried";

interface Props {
  blank: Blank;
  plan: Plan;
  report: BlankReport | undefined;
  tryBlank: TryBlank;
}

const WAYS = [
  ["even", "even all round"],
  ["copy", "a reduced copy"],
] as const;
const FIRST_COPY = 15;

export function BorderFields({ blank, plan, report, tryBlank }: Props) {
  const units = useUnits((state) => state.units);
  const say = (mm: number) => spokenLength(mm, units);
  const copied = blank.reduced !== null && blank.reduced !== undefined;
  const border = report?.border;
  return (
    <section aria-label="Border">
      <h2>Border</h2>
      <div className="part-fields">
        <Choice
          name="Border line"
          titled
          value={copied ? "copy" : "even"}
          options={WAYS}
          onChange={(way) => tryBlank("Choose the border", { reduced: way === "copy" ? FIRST_COPY : null })}
        />
        {copied ? (
          <RuleField
            fact={fieldsOf("Blank").reduced!}
            value={blank.reduced}
            set={(reduced) => tryBlank("Set the border", { reduced: reduced as number | null })}
          />
        ) : (
          <RuleField
            fact={fieldsOf("Blank").border!}
            value={blank.border}
            set={(border) => tryBlank("Set the border", { border: border as number })}
          />
        )}
      </div>
      {border && !plan.blank.closed && (
        <p className="small quiet figures">
          {copied
            ? `This copy leaves between ${say(border.copy_narrow)} and ${say(border.copy_wide)}.`
            : `A copy reduced by ${border.percent} % would leave between ${say(border.copy_narrow)} and ${say(border.copy_wide)}.`}{" "}
          {!copied && border.even_parts > 1 && `The border parts the blank into ${border.even_parts} areas. `}
          The largest ring that stays whole reaches {say(plan.limit)}.
        </p>
      )}
    </section>
  );
}
