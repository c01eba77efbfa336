/** The rules of a swipe: its form, which way it is pulled and how far, and the family beside it. */
import type { SwipeTrim } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import type { TrimProps } from "./props";

const FORMS = ["teardrop", "straight", "comma left", "comma right"].map(
  (form) => [form as SwipeTrim["form"], form] as const,
);
const DIRECTIONS = [
  ["outward", "outward"],
  ["inward", "inward"],
] as const;
const ENDS = [
  ["length", "a length"],
  ["circle", "a circle"],
  ["contact", "first contact"],
] as const;

export function SwipeFields({ trim, set, planned }: TrimProps & { trim: SwipeTrim }) {
  const end = (kind: SwipeTrim["to"]["kind"]) => {
    if (kind === "length") set({ ...trim, to: { kind, mm: 8 } });
    else if (kind === "circle") set({ ...trim, to: { kind, walk: (planned?.walk ?? 10) + 10 } });
    else set({ ...trim, to: { kind } });
  };
  return (
    <>
      <Choice
        width={116}
        name="Form"
        titled
        value={trim.form}
        options={FORMS}
        onChange={(form) => set({ ...trim, form })}
      />
      <Choice
        width={92}
        name="Pulled"
        titled
        value={trim.direction}
        options={DIRECTIONS}
        onChange={(direction) => set({ ...trim, direction })}
      />
      <Choice width={112} name="Pulled to" titled value={trim.to.kind} options={ENDS} onChange={end} />
      {trim.to.kind === "length" && (
        <LengthField
          width={82}
          name="Swipe length"
          titled
          value={trim.to.mm}
          least={0.5}
          most={300}
          onChange={(mm) => set({ ...trim, to: { kind: "length", mm } })}
        />
      )}
      {trim.to.kind === "circle" && (
        <LengthField
          width={92}
          name="To the circle at"
          titled
          kind="distance"
          value={trim.to.walk}
          least={0}
          most={1000}
          onChange={(walk) => set({ ...trim, to: { kind: "circle", walk } })}
        />
      )}
      <NumberField
        width={78}
        name="Turned"
        titled
        decimals
        unit="°"
        value={trim.angle}
        least={-180}
        most={180}
        onChange={(angle) => set({ ...trim, angle })}
      />
      {trim.form.startsWith("comma") && (
        <NumberField
          width={78}
          name="Bend"
          titled
          decimals
          unit="°"
          value={trim.bend}
          least={0}
          most={120}
          onChange={(bend) => set({ ...trim, bend })}
        />
      )}
      <NumberField
        width={82}
        name="Side by side"
        titled
        value={trim.family}
        least={1}
        most={9}
        onChange={(family) => set({ ...trim, family })}
      />
      {trim.family > 1 && (
        <>
          <NumberField
            width={88}
            name="Each shorter by"
            titled
            unit="%"
            value={Math.round(trim.shorter * 100)}
            least={0}
            most={90}
            onChange={(by) => set({ ...trim, shorter: by / 100 })}
          />
          <NumberField
            width={88}
            name="Each leans"
            titled
            decimals
            unit="°"
            value={trim.lean}
            least={0}
            most={60}
            onChange={(lean) => set({ ...trim, lean })}
          />
        </>
      )}
    </>
  );
}
