/** Bounds of a number and how they are said. */
export interface Limits {
  least?: number;
  most?: number;
  /** The number must be more than this. */
  above?: number;
}

const ROUNDING = 1e-9;

/** What the number must be, when it is not; null when it may stand. */
export function outside(value: number, { least, most, above }: Limits, say: (limit: number) => string): string | null {
  const low = above !== undefined ? value <= above : least !== undefined && value < least - ROUNDING;
  const high = most !== undefined && value > most + ROUNDING;
  if (!low && !high) return null;
  if (above !== undefined && low) return `more than ${say(above)}`;
  if (least !== undefined && most !== undefined) return `between ${say(least)} and ${say(most)}`;
  return least === undefined ? `at most ${say(most!)}` : `at least ${say(least)}`;
}
