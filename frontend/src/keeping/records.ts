/** Changes on their way to the server, in the order in which they were made; each stays until it is acknowledged. */
import type { Edit } from "../api/types";
import { database, type SetAside, type Unsent } from "./database";
import { tellAll } from "./news";

/** Keep a change; one that is kept already stays as it is. Rejects when the browser has no room. */
export async function keep(record: Unsent): Promise<void> {
  const tx = (await database()).transaction(["unsent", "aside"], "readwrite");
  const unsent = tx.objectStore("unsent");
  const known = await unsent.index("id").getKey(record.edit.id);
  let { edit } = record;
  for (let base = await tx.objectStore("aside").get(edit.based_on); base; ) {
    edit = { ...edit, based_on: base.edit.based_on }; // what it was made on was refused meanwhile
    base = await tx.objectStore("aside").get(edit.based_on);
  }
  await Promise.all([known === undefined ? unsent.add({ ...record, edit }) : null, tx.done]);
}

/** All that is kept for any studio, the oldest first. */
export async function unsent(): Promise<Unsent[]> {
  return (await database()).getAll("unsent");
}

/** The server has it. */
export async function sent(id: string): Promise<void> {
  const tx = (await database()).transaction("unsent", "readwrite");
  const key = await tx.store.index("id").getKey(id);
  await Promise.all([key === undefined ? null : tx.store.delete(key), tx.done]);
}

/** Set a refused change aside, with the sentence; those made on it go on from what it was made on. */
export async function refused(record: Unsent, reason: string): Promise<void> {
  const tx = (await database()).transaction(["unsent", "aside"], "readwrite");
  await tx.objectStore("aside").put({ ...record, reason, at: Date.now() });
  let cursor = await tx.objectStore("unsent").openCursor();
  while (cursor) {
    const { edit } = cursor.value;
    if (edit.id === record.edit.id) await cursor.delete();
    else if (edit.based_on === record.edit.id) await cursor.update(rebased(cursor.value, record.edit));
    cursor = await cursor.continue();
  }
  await tx.done;
}

/** A change made on a refused one, as if made on what that was made on. */
export function rebased(record: Unsent, refusedEdit: Edit): Unsent {
  if (record.edit.based_on !== refusedEdit.id) return record;
  return { ...record, edit: { ...record.edit, based_on: refusedEdit.based_on } };
}

/** What was set aside, in any studio, the newest first. */
export async function aside(): Promise<SetAside[]> {
  const all = await (await database()).getAll("aside");
  return all.sort((one, other) => other.at - one.at);
}

/** The artist is done with it. */
export async function letGo(id: string): Promise<void> {
  await (await database()).delete("aside", id);
  tellAll({ kind: "let go", id });
}
