/** How the piece's own copies differ from today's kit and shelf. */
export interface Differences<T> {
  /** Ones the kit or shelf now has otherwise, as they are there. */
  changed: T[];
  /** Ones the piece does not have yet. */
  others: T[];
}

/** What changes with every use and says nothing of a piece, or is a piece's own. */
const PASSING = ["left", "price", "wear", "ranges"];

export function differences<T extends { id: string }>(own: readonly T[], stock: readonly T[]): Differences<T> {
  const mine = new Map(own.map((one) => [one.id, JSON.stringify(lasting(one))]));
  return {
    changed: stock.filter((one) => mine.has(one.id) && mine.get(one.id) !== JSON.stringify(lasting(one))),
    others: stock.filter((one) => !mine.has(one.id)),
  };
}

function lasting(one: object): object {
  const kept = Object.entries(one).filter(([name]) => !PASSING.includes(name));
  return Object.fromEntries(kept.sort(([a], [b]) => (a < b ? -1 : 1)));
}

/** The list with these taken over from the stock; sizes that the piece chose for itself stay. */
export function takenOver<T extends { id: string }>(own: readonly T[], fresh: readonly T[]): T[] {
  const byId = new Map(fresh.map((one) => [one.id, one]));
  return own.map((one) => {
    const anew = byId.get(one.id);
    if (!anew) return one;
    return "ranges" in one ? { ...anew, ranges: one.ranges } : anew;
  });
}

/** The list but for one. */
export function without<T extends { id: string }>(own: readonly T[], left: T): T[] {
  return own.filter((one) => one.id !== left.id);
}
