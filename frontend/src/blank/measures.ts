/** The measures of each outline, by the names people use, and what a kind begins with. */
import type { Outline } from "../api/types";

export type OutlineKind = Outline["kind"];

export interface Measure {
  field: string;
  name: string;
  least: number;
  most: number;
  /** Whether the measure runs across (left to right) or down the outline, or along neither. */
  along: "across" | "down" | "none";
}

const wide = (field: string, name: string, along: Measure["along"]): Measure => ({
  field,
  name,
  least: 10,
  most: 1000,
  along,
});

export const MEASURES: Record<OutlineKind, Measure[]> = {
  round: [wide("diameter", "Diameter", "across")],
  oval: [wide("length", "Length", "across"), wide("width", "Width", "down")],
  square: [
    wide("side", "Side", "across"),
    { field: "corner", name: "Corner radius", least: 0, most: 500, along: "none" },
  ],
  rectangle: [
    wide("length", "Length", "across"),
    wide("width", "Width", "down"),
    { field: "corner", name: "Corner radius", least: 0, most: 500, along: "none" },
  ],
  polygon: [wide("side", "Length of a side", "none")],
  heart: [wide("length", "Length", "down"), wide("width", "Width", "across")],
  cross: [wide("length", "Length", "down"), wide("width", "Width", "across"), wide("arm", "Width of the bars", "none")],
  leaf: [wide("length", "Length", "down"), wide("width", "Width", "across")],
  spoked: [],
  odd: [],
};

export const OUTLINES: readonly (readonly [OutlineKind, string])[] = [
  ["round", "round"],
  ["oval", "oval"],
  ["square", "square"],
  ["rectangle", "rectangle"],
  ["polygon", "polygon"],
  ["heart", "heart"],
  ["cross", "cross"],
  ["leaf", "leaf"],
  ["spoked", "odd, by ruler"],
  ["odd", "odd, from a file"],
];

/** Roughly how wide an outline is (mm): what a change of kind keeps. */
export function acrossMm(outline: Outline): number {
  switch (outline.kind) {
    case "round":
      return outline.diameter;
    case "square":
      return outline.side;
    case "polygon":
      return outline.side / Math.sin(Math.PI / outline.sides);
    case "spoked":
      return 2 * Math.max(...outline.distances);
    case "odd":
      return Math.max(spread(outline.x), spread(outline.y));
    default:
      return Math.max(outline.length, outline.width);
  }
}

function spread(values: number[]): number {
  return Math.max(...values) - Math.min(...values);
}

const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** An outline of another kind, about as large as the one before. */
export function begunAs(kind: Exclude<OutlineKind, "odd">, across: number): Outline {
  const size = tenth(Math.min(Math.max(across, 15), 1000));
  const part = (share: number) => tenth(Math.max(size * share, 10));
  switch (kind) {
    case "round":
      return { kind, diameter: size };
    case "oval":
      return { kind, length: size, width: part(0.65) };
    case "square":
      return { kind, side: size, corner: 0 };
    case "rectangle":
      return { kind, length: size, width: part(0.7), corner: 0 };
    case "polygon":
      return { kind, sides: 6, side: part(0.5) };
    case "heart":
      return { kind, length: part(0.9), width: size };
    case "cross":
      return { kind, length: size, width: part(0.8), arm: part(0.3) };
    case "leaf":
      return { kind, length: size, width: part(0.5) };
    case "spoked":
      return { kind, distances: Array.from({ length: 12 }, () => part(0.5)) };
  }
}
