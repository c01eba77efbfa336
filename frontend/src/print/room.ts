/** What is chosen in the print room, and how files leave it. */
import { fieldsOf } from "../api/facts";
import type { Piece, PrintRequest } from "../api/types";

/** Everything a sheet is printed with, but the piece and the kind. */
export type Options = Required<Omit<PrintRequest, "piece" | "kind" | "printer" | "revision" | "units" | "shelf">>;

const FACTS = fieldsOf("PrintRequest");

/** What a print begins with: every field's own default. */
export const FIRST = {
  rows: null,
  ...Object.fromEntries(
    Object.entries(FACTS).flatMap(([field, fact]) => ("default" in fact ? [[field, fact.default]] : [])),
  ),
} as unknown as Options;

/** As many pages as may be asked for. */
export const MOST_PAGES = FACTS.most_pages?.most ?? 1;

/** A name every disk takes: letters, digits and hyphens. */
export function fileName(piece: Piece, what: string, ending: string): string {
  const plain = piece.name
    .normalize("NFC")
    .toLowerCase()
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, "-")
    .replace(/^-+|-+$/g, "");
  return `${plain.slice(0, 60) || "piece"}-${what}.${ending}`;
}
