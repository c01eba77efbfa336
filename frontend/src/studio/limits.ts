/** Bounds of a number and how they are said. */
export interface Limits {
  least?: number;
  most?: number;
  /** The number must be more than this. */
  above?: number;
}

const ROUNDING = 1e-9;

/** How a limit is said: rounded into the range, so that the number said may stand. */
type Say = (limit: number, round: (value: number) => number) => string;

/** What the number must be, when it is not; null when it may stand. */
export function outside(value: number, { least, most, above }: Limits, say: Say): string | null {
  const low = above !== undefined ? value <= above : least !== undefined && value < least - ROUNDING;
  const high = most !== undefined && value > most + ROUNDING;
  if (!low && !high) return null;
  if (above !== undefined && low) return `more than ${say(above, Math.ceil)}`;
  if (least !== undefined && most !== undefined) return `between ${say(least, Math.ceil)} and ${say(most, Math.floor)}`;
  return least === undefined ? `at most ${say(most!, Math.floor)}` : `at least ${say(least, Math.ceil)}`;
}
