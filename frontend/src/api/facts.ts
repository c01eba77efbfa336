/** What the models say of a document's fields: names, bounds, choices in words. The numbers stand nowhere else. */
import { FACTS } from "./facts.generated";
import type { SeenAs } from "./types";

export type Written =
  | "length"
  | "distance"
  | "count"
  | "number"
  | "degrees"
  | "share"
  | "per cent"
  | "tick"
  | "choice"
  | "text"
  | "colour"
  | "size"
  | "sizes"
  | "shades"
  | "variant"
  | "rules"
  | "rows"
  | "areas";

export interface Fact {
  name?: string;
  written?: Written;
  /** Choices and their words, in the order they are offered. */
  words?: [string, string][];
  /** The model of each choice of a variant. */
  variants?: Record<string, string>;
  /** The model of each rule of a list. */
  of?: string;
  /** Fields this one depends on: values that show it, or the least. */
  when?: Record<string, string[] | number>;
  /** The word for leaving it open. */
  none?: string;
  along?: "across" | "down";
  wide?: number;
  least?: number;
  most?: number;
  above?: number;
  fewest?: number;
  longest?: number;
  open?: boolean;
  whole?: boolean;
  default?: string | number | boolean;
}

export interface TrackFacts {
  name: string;
  word: string;
  /** What the count counts: repeats round the piece, dots on each line, or nothing. */
  repeats: "round" | "line" | "none";
  members: number;
  round: boolean;
  /** Whether it is told from a centre alone, so that a motif may hold it. */
  centred: boolean;
  central: boolean;
  /** Whether its places may be set twice about their lines. */
  pairs: boolean;
  groups: boolean;
  sized: boolean;
  fills: boolean;
  fromFile: boolean;
  swept: boolean;
  /** Whether a line can be drawn through its places. */
  drawn: boolean;
  model: string;
  distances: string[];
  starts: string[];
}

export interface TrimFacts {
  name: string;
  add: string;
  model: string;
  swept: boolean;
}

const fields = FACTS.fields as unknown as Record<string, Record<string, Fact>>;

/** What a word on the row sheet means, by the name over its field. */
export const TERMS = FACTS.terms as Record<string, { words: string; picture: string }>;

/** Small pictures as strokes: a letter for the kind, and numbers in a field of 120 by 60. */
export const PICTURES = FACTS.pictures as unknown as Record<string, [string, ...number[]][]>;

export const TRACKS = FACTS.tracks as Record<string, TrackFacts>;
export const TRIMS = FACTS.trims as Record<string, TrimFacts>;
export const OUTLINES: Record<string, string> = FACTS.outlines;
export const RELIEFS: Record<string, string> = FACTS.reliefs;
export const ROUND_RELIEFS: readonly string[] = FACTS.roundReliefs;
export const EDGED: readonly string[] = FACTS.edged;
export const MOST = FACTS.most;
/** Ways to shade a row in one step, in words. */
export const SHADING = FACTS.shading as [string, string][];
export const HEIGHTS: Record<string, number> = FACTS.heights;
/** Ways in which colours are seen, with their words. */
export const SEEN = FACTS.seen as unknown as [SeenAs, string][];

/** The facts of a model's fields. */
export function fieldsOf(model: string): Record<string, Fact> {
  return fields[model] ?? {};
}

/** What there is to ask of a row's track. */
export function trackOf(row: { track: { kind: string } }): TrackFacts {
  return TRACKS[row.track.kind]!;
}

/** Choices of a field in words. */
export function wordsOf<T extends string>(model: string, field: string): readonly (readonly [T, string])[] {
  return (fieldsOf(model)[field]?.words ?? []) as [T, string][];
}
