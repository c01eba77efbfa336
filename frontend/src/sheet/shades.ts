/** Colours of shades on the page. Ramps are calculated by the server and come with the plan. */
import type { Piece, Plan, Shade } from "../api/types";

export type RampColours = Plan["ramps"];

export function shadeColour(shade: Shade, piece: Piece, ramps: RampColours): string {
  if (shade.kind === "paint") return piece.paints.find((paint) => paint.id === shade.paint)?.colour ?? "#888888";
  if (shade.kind === "base") return piece.blank.base.colour;
  return ramps[shade.ramp]?.[shade.step - 1] ?? "#888888";
}
