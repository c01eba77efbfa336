/**
 * A change is written to localStorage, at once and under a key of its own, until the database has it: a page that is
 * left in that very moment loses nothing. What an earlier page left there is carried over.
 */
import type { Edit, Studio } from "../api/types";
import type { Unsent } from "./database";
import { keep } from "./records";

const MADE = /^fernring\.made\./;
const LIST = /^fernring\.outbox\.(.+)$/; // one list a document, as earlier versions of the page kept them

/** Answers whether there was room for it. */
export function note(record: Unsent): boolean {
  try {
    localStorage.setItem(keyOf(record), JSON.stringify(record));
    return true;
  } catch {
    return false; // no room, or no storage: the database may have some
  }
}

export function strike(record: Unsent): void {
  try {
    localStorage.removeItem(keyOf(record));
  } catch {
    // no storage, so nothing was noted
  }
}

/** Each entry goes once all of it is in the database; of several tabs doing so, each change stays once. */
export async function carryOver(studio: Studio): Promise<void> {
  const found = Object.keys(localStorage).flatMap((key) => {
    const records = left(key, studio);
    return records ? [{ key, records }] : [];
  });
  for (const record of inOrder(found.flatMap(({ records }) => records))) await keep(record);
  for (const { key } of found) localStorage.removeItem(key);
}

function left(key: string, studio: Studio): Unsent[] | null {
  const ident = LIST.exec(key)?.[1];
  const text = localStorage.getItem(key);
  if (!text) return null;
  if (ident) return (JSON.parse(text) as Edit[]).map((edit) => ({ ident, edit: { ...edit, studio } }));
  return MADE.test(key) ? [JSON.parse(text) as Unsent] : null;
}

/** Each change after the one it was made on. */
function inOrder(records: Unsent[]): Unsent[] {
  const ids = new Set(records.map(({ edit }) => edit.id));
  const first = records.filter(({ edit }) => !ids.has(edit.based_on));
  if (first.length === 0) return records;
  return [...first, ...inOrder(records.filter((record) => !first.includes(record)))];
}

function keyOf({ edit }: Unsent): string {
  return `fernring.made.${edit.id}`;
}
