/** What a hand does to an area: it is moved, sized and turned about its own point. */
import type { BareArea } from "../api/types";
import type { Point } from "../stone/view";

export type Region = BareArea["area"];

export interface Moved {
  dx: number;
  dy: number;
  /** Times as large. */
  size: number;
  /** Degrees clockwise. */
  turn: number;
}

export const STILL: Moved = { dx: 0, dy: 0, size: 1, turn: 0 };

/** The point that an area is sized and turned about; null for one that has none. */
export function pointOf(region: Region): Point | null {
  if (!("x" in region) || (region.kind === "word" && region.runs.startsWith("along"))) return null;
  return { x: region.x, y: region.y };
}

const tenth = (value: number) => Math.round(value * 10) / 10;
const within = (degrees: number) => tenth(((degrees + 540) % 360) - 180);

export function moved(region: Region, by: Moved): Region {
  if (!("x" in region)) return region;
  const at = { x: tenth(region.x + by.dx), y: tenth(region.y + by.dy) };
  const large = (value: number) => Math.max(tenth(value * by.size), 1);
  if (region.kind === "disc") return { ...region, ...at, diameter: large(region.diameter) };
  const stood = { ...at, turn: within(region.turn + by.turn) };
  if (region.kind === "form") return { ...region, ...stood, across: large(region.across), down: large(region.down) };
  if (region.kind === "word")
    return { ...region, ...stood, height: large(region.height), radius: large(region.radius) };
  return { ...region, ...stood, size: large(region.size) };
}
