/** Counts as people type them, and as the document keeps them. */
import type { Row } from "../api/types";

type Count = Row["count"];

/** A typed number as a rule per segment where it is one, else as a fixed number. */
export function asCount(repeats: number, segments: number, fixed: boolean): Count {
  if (!fixed && repeats % segments === 0 && repeats / segments <= 100)
    return { kind: "per_segment", repeats: repeats / segments, segments: 1 };
  if (!fixed && segments % repeats === 0) return { kind: "per_segment", repeats: 1, segments: segments / repeats };
  return { kind: "absolute", repeats };
}

/** The rule in words. */
export function countRule(count: Count): string {
  if (count.kind === "absolute") return "a fixed number";
  const every = count.segments === 1 ? "a segment" : `every ${count.segments} segments`;
  return `${count.repeats} ${every}`;
}
