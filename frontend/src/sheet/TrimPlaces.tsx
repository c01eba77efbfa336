/** Which dots of the pattern a trim sits on. */
import type { Trim } from "../api/types";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import type { TrimProps } from "./props";

export function TrimPlaces({ row, trim, set }: TrimProps) {
  const units = useUnits((state) => state.units);
  const dots = row.pattern.filter((member) => member.form !== "blank");
  const largest = dots.reduce((one, other) => (other.diameter > one.diameter ? other : one), dots[0]!);
  const chosen = trim.on.length > 0 ? trim.on : [largest.id];
  const toggle = (id: string) => {
    const on = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id];
    if (on.length > 0) set({ ...trim, on } as Trim);
  };
  return (
    <fieldset className="trim-places">
      <legend className="small quiet">Sits on</legend>
      {row.pattern.map((member, k) =>
        member.form === "blank" ? null : (
          <button
            key={member.id}
            type="button"
            className="chip square"
            aria-pressed={chosen.includes(member.id)}
            onClick={() => toggle(member.id)}
          >
            {`dot ${k + 1}, ${lengthText(member.diameter, units, "dot")} ${SUFFIX[units]}`}
          </button>
        ),
      )}
    </fieldset>
  );
}
