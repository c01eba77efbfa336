/** Pots that were mixed, as the shelf keeps them: one more, or some taken out of one. */
import type { Amounts, Shelf } from "../api/types";
import { freshId } from "../piece/edits";
import { leftIn } from "../stock/mixed";

type Pot = Amounts["pots"][number];

export function mixedNow(shelf: Shelf, pot: Pot, day: string): Shelf {
  const made: Shelf["mixed"][number] = {
    id: freshId("pot", shelf.mixed),
    name: pot.name,
    colour: pot.recipe!.colour,
    parts: pot.pots,
    day,
    ml: rounded(pot.mixed),
    uses: [],
  };
  return { ...shelf, mixed: [...shelf.mixed, made] };
}

/** As much of the pot as the shade takes, or all there is. */
export function usedNow(shelf: Shelf, pot: Pot, piece: string, day: string): Shelf {
  const mixed = shelf.mixed.map((one) => {
    if (one.id !== pot.leftover?.pot) return one;
    const ml = rounded(Math.min(leftIn(one), pot.mix));
    return { ...one, uses: [...one.uses, { day, ml, piece }] };
  });
  return { ...shelf, mixed };
}

function rounded(ml: number): number {
  return Math.max(Math.round(ml * 100) / 100, 0.01);
}
