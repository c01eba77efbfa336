/** What is chosen in the print room, and how files leave it. */
import type { Piece, Printer, PrintRequest } from "../api/types";

/** Everything a sheet is printed with, but the piece and the kind. */
export type Options = Required<Omit<PrintRequest, "piece" | "kind" | "printer" | "revision">>;

export const FIRST: Options = {
  spokes: true,
  circles: true,
  border: true,
  dots: "outlines",
  rows: null,
  margin: 2,
  count: 1,
  paper: "A4",
  way: "fewest",
  overlap: 10,
  most_pages: 60,
};

export const BARS = { across: 150, along: 200 } as const;
export const MOST_PAGES = 400;

/** What the test bars may measure: a printer is corrected by at most a tenth. */
export function barLimits(side: keyof Printer): { least: number; most: number } {
  return { least: Math.ceil((BARS[side] / 1.1) * 10) / 10, most: Math.floor((BARS[side] / 0.9) * 10) / 10 };
}

/** A name every disk takes: letters, digits and hyphens. */
export function fileName(piece: Piece, what: string, ending: string): string {
  const plain = piece.name
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
  return `${plain.slice(0, 60) || "piece"}-${what}.${ending}`;
}
