/** One tab sends at a time, by a lease in the database: Web Locks do not exist on a plain LAN address. */
import { database } from "./database";
import { newToken } from "./token";

const LEASE_MS = 6000;
const NAME = "sending";
const TAB = newToken();

/** Take or renew the lease; false while another tab holds it. A tab that ended or sleeps loses it after LEASE_MS. */
export async function lease(): Promise<boolean> {
  const tx = (await database()).transaction("lease", "readwrite");
  const held = await tx.store.get(NAME);
  const now = Date.now();
  const mine = !held || held.tab === TAB || held.until < now || held.until > now + LEASE_MS; // a clock may be set back
  await Promise.all([mine ? tx.store.put({ tab: TAB, until: now + LEASE_MS }, NAME) : null, tx.done]);
  return mine;
}

/** Let another tab go on. */
export async function giveBack(): Promise<void> {
  const tx = (await database()).transaction("lease", "readwrite");
  const held = await tx.store.get(NAME);
  await Promise.all([held?.tab === TAB ? tx.store.delete(NAME) : null, tx.done]);
}
