/** The browser's own database of this address: changes not acknowledged yet, changes refused, and whose turn it is to send. */
import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Edit, Studio } from "../api/types";

/** A finished edit of one document, for the studio it was made in. */
export interface Unsent {
  ident: string;
  edit: Edit & { studio: Studio };
}

export interface SetAside extends Unsent {
  /** The sentence it was refused with, and when, in milliseconds since 1970. */
  reason: string;
  at: number;
}

export interface Lease {
  tab: string;
  until: number;
}

interface Shape extends DBSchema {
  unsent: { key: number; value: Unsent; indexes: { id: string } };
  aside: { key: string; value: SetAside };
  lease: { key: string; value: Lease };
}

let opened: Promise<IDBPDatabase<Shape>> | undefined;

/** Rejects where the browser keeps nothing; callers then work from memory. */
export function database(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>("fernring", 1, {
    upgrade(db) {
      db.createObjectStore("unsent", { autoIncrement: true }).createIndex("id", "edit.id", { unique: true });
      db.createObjectStore("aside", { keyPath: "edit.id" });
      db.createObjectStore("lease");
    },
  });
  return opened;
}
