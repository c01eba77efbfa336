/** What a spread means at the table. */
import { spokenLength, type Units } from "../studio/units";
import type { Steady } from "./onSheet";

/** "At a gap of 0.35 mm one pair in 40 touches", for one of the usual gaps. */
export function pairs({ at }: Steady, which: number, units: Units): string {
  const [gap, share] = at[which]!;
  const rare = share < 0.0005 ? "hardly any pair" : `one pair in ${Math.max(1, Math.round(1 / share))}`;
  return `At a gap of ${spokenLength(gap, units)} ${rare} touches.`;
}
