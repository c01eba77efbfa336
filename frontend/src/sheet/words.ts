/** The row sheet's short words. */
import type { Piece, PlanRow, Row, Shade } from "../api/types";
import { lengthText, type Units } from "../studio/units";

export function startWord(row: Row): string {
  if (row.track.kind === "centre") return "centre";
  return row.start.kind === "angle"
    ? `at ${row.start.degrees}°`
    : { "on lines": "on lines", between: "between", offset: "in dips" }[row.start.kind];
}

export function distanceWord(row: Row, planned: PlanRow | undefined, units: Units): string {
  if (planned?.noroom) return "no room";
  const at = planned ? lengthText(planned.walk, units, "distance") : "";
  if (row.track.kind === "centre") return at;
  if (row.fit === "distance") return `fit ${at}`;
  return { nested: `nested ${at}`, walk: `at ${at}`, guide: `circle ${at}` }[row.distance.kind];
}

export function sizeWord(row: Row, planned: PlanRow | undefined, units: Units): string {
  const sizes = planned?.diameters.length ? planned.diameters : row.pattern.map((member) => member.diameter);
  return `${row.fit === "size" ? "fit " : ""}${sizes.map((size) => lengthText(size, units, "dot")).join(" + ")}`;
}

export function toolWord(row: Row, piece: Piece): string {
  const names = row.pattern.map(
    (member) => piece.tools.find((tool) => tool.id === member.tool)?.name ?? "any tool",
  );
  return [...new Set(names)].join(", ");
}

export function shadeName(shade: Shade, piece: Piece): string {
  if (shade.kind === "paint")
    return piece.paints.find((paint) => paint.id === shade.paint)?.name ?? shade.paint;
  return `${piece.ramps.find((ramp) => ramp.id === shade.ramp)?.name ?? shade.ramp} ${shade.step}`;
}
