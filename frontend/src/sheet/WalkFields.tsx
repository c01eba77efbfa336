/** The rules of a walked petal. */
import type { WalkTrim } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { Tick } from "../studio/Tick";
import type { TrimProps } from "./props";
import { SizeField } from "./SizeField";

const LOADS = [
  ["one", "one load, diminishing"],
  ["each", "reloaded, equal"],
] as const;
const SIDES = [
  ["both", "both sides"],
  ["left", "left side only"],
  ["right", "right side only"],
] as const;
const BEGINS = [
  ["outer point", "from the outer point"],
  ["foot", "from the foot"],
] as const;
const SHADINGS = [
  ["by layer", "a shade each layer"],
  ["along", "along the petal"],
  ["one", "one shade"],
] as const;

export function WalkFields({ trim, set, ...props }: TrimProps & { trim: WalkTrim }) {
  return (
    <>
      <SizeField {...props} name="Walked dot" size={trim.size} set={(size) => set({ ...trim, size })} />
      <NumberField
        width={70}
        name="Layers"
        titled
        value={trim.layers}
        least={1}
        most={6}
        onChange={(layers) => set({ ...trim, layers })}
      />
      <Choice
        width={158}
        name="Loading"
        titled
        value={trim.load}
        options={LOADS}
        onChange={(load) => set({ ...trim, load })}
      />
      <Choice
        width={118}
        name="Sides"
        titled
        value={trim.sides}
        options={SIDES}
        onChange={(sides) => set({ ...trim, sides })}
      />
      <NumberField
        width={88}
        name="Dots a side"
        titled
        value={trim.count ?? 0}
        least={0}
        most={60}
        onChange={(count) => set({ ...trim, count: count || null })}
      />
      <Choice
        width={148}
        name="Begins"
        titled
        value={trim.begin}
        options={BEGINS}
        onChange={(begin) => set({ ...trim, begin })}
      />
      <NumberField
        width={82}
        name="Lead dots"
        titled
        value={trim.lead}
        least={0}
        most={4}
        onChange={(lead) => set({ ...trim, lead })}
      />
      <LengthField
        width={82}
        name="Petal gap"
        titled
        value={trim.gap}
        least={0}
        most={20}
        onChange={(gap) => set({ ...trim, gap })}
      />
      <Choice
        width={140}
        name="Shading"
        titled
        value={trim.shading}
        options={SHADINGS}
        onChange={(shading) => set({ ...trim, shading })}
      />
      <Tick infield checked={trim.equal} onChange={(equal) => set({ ...trim, equal })}>
        as many on both sides
      </Tick>
    </>
  );
}
