/** The row sheet's short words. */
import type { Piece, PlanRow, Row, Shade, Trim, TrimSize } from "../api/types";
import { lengthText, type Units } from "../studio/units";

const TRACK_WORDS: Record<Exclude<Row["track"]["kind"], "ring">, string> = {
  centre: "centre",
  inset: "along edge",
  line: "in lines",
  arc: "on curves",
  path: "on a path",
  corner: "in corners",
  gaps: "into gaps",
};

/** A trim in a few words. */
export function trimWord(trim: Trim, units: Units): string {
  if (trim.kind === "top") {
    const sizes = trim.sizes.map((size) => sizeText(size, units)).join(" + ");
    return `top dot ${sizes}${trim.towards === "centred" ? "" : `, ${trim.towards}`}`;
  }
  if (trim.kind === "walk") {
    const layers = trim.layers > 1 ? `, ${trim.layers} layers` : "";
    const sides = trim.sides === "both" ? "" : `, ${trim.sides} side`;
    return `walked ${sizeText(trim.size, units)}${layers}${sides}${trim.load === "each" ? ", reloaded" : ""}`;
  }
  const family = trim.family > 1 ? `${trim.family} × ` : "";
  return `swipe ${family}${trim.form}, ${trim.direction}`;
}

function sizeText(size: TrimSize, units: Units): string {
  return size.share ? `${Math.round(size.share * 100)} %` : lengthText(size.diameter, units, "dot");
}

export function startWord(row: Row): string {
  if (row.track.kind !== "ring") return TRACK_WORDS[row.track.kind];
  return row.start.kind === "angle"
    ? `at ${row.start.degrees}°`
    : { "on lines": "on lines", between: "between", offset: "in dips" }[row.start.kind];
}

export function distanceWord(row: Row, planned: PlanRow | undefined, units: Units): string {
  if (planned?.noroom) return "no room";
  const at = planned ? lengthText(planned.walk, units, "distance") : "";
  if (row.track.kind === "inset") return planned?.depth != null ? `in ${lengthText(planned.depth, units, "dot")}` : at;
  if (row.track.kind !== "ring") return at;
  if (row.fit === "distance") return `fit ${at}`;
  return { nested: `nested ${at}`, walk: `at ${at}`, guide: `circle ${at}`, edge: `edge ${at}` }[row.distance.kind];
}

export function sizeWord(row: Row, planned: PlanRow | undefined, units: Units): string {
  const sizes = planned?.diameters.length ? planned.diameters : row.pattern.map((member) => member.diameter);
  return `${row.fit === "size" ? "fit " : ""}${sizes.map((size) => lengthText(size, units, "dot")).join(" + ")}`;
}

export function toolWord(row: Row, piece: Piece): string {
  const names = row.pattern.map((member) => piece.tools.find((tool) => tool.id === member.tool)?.name ?? "any tool");
  return [...new Set(names)].join(", ");
}

export function shadeName(shade: Shade, piece: Piece): string {
  if (shade.kind === "paint") return piece.paints.find((paint) => paint.id === shade.paint)?.name ?? shade.paint;
  return `${piece.ramps.find((ramp) => ramp.id === shade.ramp)?.name ?? shade.ramp} ${shade.step}`;
}
