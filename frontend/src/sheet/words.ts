/** The row sheet's short words. What the server says of a row comes with its plan. */
import { trackOf } from "../api/facts";
import type { Piece, PlanRow, Row, Shade } from "../api/types";
import { lengthText, type Units } from "../studio/units";

const A = "a".charCodeAt(0);

/** With a capital at the beginning. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

export function sizeWord(row: Row, planned: PlanRow | undefined, units: Units): string {
  const sizes = planned?.diameters.length ? planned.diameters : row.pattern.map((member) => member.diameter);
  return `${row.fit === "size" ? "fit " : ""}${sizes.map((size) => lengthText(size, units, "dot")).join(" + ")}`;
}

export function shadeName(shade: Shade, piece: Piece): string {
  if (shade.kind === "paint") return piece.paints.find((paint) => paint.id === shade.paint)?.name ?? shade.paint;
  if (shade.kind === "base") return piece.blank.base.name;
  return `${piece.ramps.find((ramp) => ramp.id === shade.ramp)?.name ?? shade.ramp} ${shade.step}`;
}

/** "C", "1", "2" ... as the rows stand on the sheet; those of motifs after a letter: "aC", "a1" ... */
export function rowMarks(rows: readonly Row[]): string[] {
  const motifs = [...new Set(rows.flatMap((row) => row.motif ?? []))];
  const numbers = new Map<string, number>();
  return rows.map((row) => {
    const letter = row.motif ? String.fromCharCode(A + motifs.indexOf(row.motif)) : "";
    if (trackOf(row).central) return `${letter}C`;
    numbers.set(letter, (numbers.get(letter) ?? 0) + 1);
    return `${letter}${numbers.get(letter)}`;
  });
}

/** Whether a line runs through all places of a row. */
export function isDrawn(row: Row): boolean {
  return row.pattern[0]?.form === "line";
}

/** What a row of this mark is called in a sentence. */
export function spokenMark(mark: string): string {
  if (!mark.endsWith("C")) return `row ${mark}`;
  return mark.length > 1 ? `the centre of motif ${mark[0]}` : "the centre";
}

/** The rule of a count in words. */
export function countRule(count: Row["count"]): string {
  if (count.kind === "absolute") return "a fixed number";
  const every = count.segments === 1 ? "a segment" : `every ${count.segments} segments`;
  return `${count.repeats} ${every}`;
}
