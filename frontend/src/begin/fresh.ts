/** What a new piece begins with, before its rows are composed. */
import type { Paint, Piece, Tool } from "../api/types";

const MOST_FIRST_PAINTS = 5;

/** Everything but the size has a good default. */
export function freshPiece(tools: Tool[], paints: Paint[]): Piece {
  const chosen = paints.filter((paint) => !isNight(paint.colour)).slice(0, MOST_FIRST_PAINTS);
  return {
    format: "fernring.piece",
    version: 1,
    name: "New piece",
    notes: "",
    seed: 1,
    blank: {
      outline: { kind: "round", diameter: 90 },
      relief: { kind: "flat" },
      reduced: null,
      centre: { kind: "middle" },
      lie: { kind: "angle", degrees: 0 },
      material: "cast stone",
      border: 3,
      base: { name: "Night slate", colour: "#20262b" },
    },
    segments: 12,
    turn: 0,
    safe_gap: 0.3,
    guides: {
      spokes: "all",
      circles: [],
      steps: null,
      at_rows: [],
      boundary: null,
      midlines: false,
      diagonals: false,
      edge_parts: null,
      rim_ticks: null,
      marker: null,
    },
    tools,
    paints: chosen.length
      ? chosen
      : [{ id: "chalk", name: "Chalk", colour: "#f4f1e8", body: "medium", finish: "matte", note: "" }],
    ramps: [],
    rows: [],
    bare: [],
    most_base: null,
    accepted: [],
  };
}

/** A border in keeping with the size: a thirtieth of it, 1.5 to 12 mm. */
export function borderFor(diameter: number): number {
  return Math.min(Math.max(Math.round((diameter / 30) * 2) / 2, 1.5), 12);
}

function isNight(colour: string): boolean {
  const value = Number.parseInt(colour.slice(1), 16);
  return ((value >> 16) & 255) + ((value >> 8) & 255) + (value & 255) < 150;
}
