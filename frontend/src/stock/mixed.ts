/** Pots that were mixed: what is left in them, how old they are. */
import type { Shelf } from "../api/types";

export type MixedPot = Shelf["mixed"][number];

const DAY_MS = 86_400_000;

export function leftIn(pot: MixedPot): number {
  return Math.max(pot.ml - pot.uses.reduce((sum, { ml }) => sum + ml, 0), 0);
}

/** Today as a document says it, by this device's clock. */
export function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}

export function ageInDays(day: string): number {
  return Math.max(0, Math.round((Date.parse(today()) - Date.parse(day)) / DAY_MS));
}
