/** Rows by their places in the document, as a sentence names them: "row 1, row 4 and 2 more". */
import type { Piece } from "../api/types";
import { rowMarks, spokenMark } from "../sheet/words";

const MOST_NAMED = 5;

export function rowsOf({ rows }: Piece, places: readonly number[]): string {
  if (places.length === rows.length && rows.length > 1) return "every row";
  const marks = rowMarks(rows);
  const named = places.slice(0, MOST_NAMED).map((place) => spokenMark(marks[place] ?? String(place + 1)));
  const rest = places.length - named.length;
  if (rest > 0) return `${named.join(", ")} and ${rest} more`;
  return named.length > 1 ? `${named.slice(0, -1).join(", ")} and ${named.at(-1)}` : named.join("");
}
