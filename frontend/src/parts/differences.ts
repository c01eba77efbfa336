/** How the piece's own copies differ from today's kit and shelf. */
export interface Differences<T> {
  /** Ones the kit or shelf now has otherwise, as they are there. */
  changed: T[];
  /** Ones the piece does not have yet. */
  others: T[];
}

/** What changes with every use, and says nothing of a piece. */
const PASSING = ["left", "price", "wear"];

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

/** The list with these taken over from the stock. */
export function takenOver<T extends { id: string }>(own: readonly T[], fresh: readonly T[]): T[] {
  const byId = new Map(fresh.map((one) => [one.id, one]));
  return own.map((one) => byId.get(one.id) ?? one);
}

/** The list but for one. */
export function without<T extends { id: string }>(own: readonly T[], left: T): T[] {
  return own.filter((one) => one.id !== left.id);
}
