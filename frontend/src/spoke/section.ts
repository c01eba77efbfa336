/** One segment cut from centre to edge: which dots stand in which lane, and how high. */
import { HEIGHTS } from "../api/facts";
import type { Piece, Plan } from "../api/types";
import type { Units } from "../studio/units";
import { type Seen, standsRound } from "./centre";
import { walkOf } from "./walk";

const SUNK = 0.85;

export type Lane = "on the lines" | "between";

export interface Dome {
  row: number;
  mark: string;
  lane: Lane;
  walk: number;
  radius: number;
  height: number;
  /** How high it stands: a dot on a dot begins above its host (mm). */
  lift: number;
  colour: string;
  /** A dot of this row and lane, for pointing at it. */
  dot: number;
}

/** The domes of every row, the largest dot of each lane, inner rows first. */
export function domes({ plan, piece, motif }: Seen, half: "front" | "back"): Dome[] {
  const segment = 360 / piece.segments;
  const masked = piece.bare.some(({ rows }) => rows === "mask"); // what a mask took keeps its place, on no level
  return plan.rows.flatMap((row, index) => {
    if (!onHalf(piece.rows[index], half) || !standsRound(piece, index, motif)) return [];
    const lanes = new Map<Lane, number>();
    for (let dot = row.first; dot < row.first + row.places; dot++) {
      if (Number.isNaN(plan.dots.x[dot]) || (masked && plan.dots.level[dot] === 0)) continue;
      const lane = row.walk === 0 ? "on the lines" : laneOf(plan, dot, piece.turn, segment);
      const best = lanes.get(lane);
      if (best === undefined || plan.dots.r[dot]! > plan.dots.r[best]! + 1e-9) lanes.set(lane, dot);
    }
    const share = heightShare(piece, index);
    return [...lanes].map(([lane, dot]) => ({
      row: index,
      mark: row.mark,
      lane,
      walk: walkOf(plan, dot),
      radius: plan.dots.r[dot]!,
      height: 2 * plan.dots.r[dot]! * share,
      lift: 0,
      colour: plan.shades[plan.dots.shade[dot]!]!.colour,
      dot,
    }));
  });
}

/** Dots of trims that the cut goes through, those on other dots lifted on to them. */
export function trimDomes({ plan, piece, motif }: Seen, half: "front" | "back"): Dome[] {
  const segment = 360 / piece.segments;
  const { dots } = plan;
  return plan.rows.flatMap((row, index) => {
    if (!onHalf(piece.rows[index], half) || !standsRound(piece, index, motif) || row.painted <= row.places) return [];
    const share = heightShare(piece, index);
    const found = new Map<string, Dome>();
    for (let dot = row.first + row.places; dot < row.first + row.painted; dot++) {
      if (dots.trim[dot]! < 0 || Number.isNaN(dots.x[dot])) continue;
      const [lane, aside] = cut(plan, dot, piece.turn, segment);
      if (aside > 0.45 * dots.r[dot]!) continue;
      const walk = walkOf(plan, dot);
      const key = `${lane} ${walk.toFixed(2)} ${dots.level[dot]}`;
      if (found.has(key)) continue;
      found.set(key, {
        row: index,
        mark: row.mark,
        lane,
        walk,
        radius: dots.r[dot]!,
        height: 2 * dots.r[dot]! * share,
        lift: lift(plan, dot, share),
        colour: plan.shades[dots.shade[dot]!]!.colour,
        dot,
      });
    }
    return [...found.values()];
  });
}

/** How high a dot on a dot begins (mm): a little sunk into the dome that carries it, at the place where it sits. */
function lift(plan: Plan, dot: number, share: number): number {
  const { x, y, r, level, below } = plan.dots;
  if (level[dot]! < 2) return 0;
  const host = below[dot]!;
  const aside = Math.min(Math.hypot(x[dot]! - x[host]!, y[dot]! - y[host]!) / r[host]!, 1);
  return lift(plan, host, share) + SUNK * 2 * r[host]! * share * Math.sqrt(1 - aside * aside);
}

/** The lane nearest to a dot, and how far (mm) the dot's middle lies beside it. */
function cut(plan: Plan, dot: number, turn: number, segment: number): [Lane, number] {
  const { x, y } = plan.dots;
  const angle = (Math.atan2(x[dot]!, -y[dot]!) * 180) / Math.PI - turn;
  const within = ((angle % segment) + segment) % segment;
  const onLine = Math.min(within, segment - within);
  const between = Math.abs(within - segment / 2);
  const reach = Math.hypot(x[dot]!, y[dot]!);
  if (reach < 1e-6) return ["on the lines", 0];
  return onLine < between
    ? ["on the lines", reach * Math.sin((onLine * Math.PI) / 180)]
    : ["between", reach * Math.sin((between * Math.PI) / 180)];
}

/** Whether a row is painted on this half. */
export function onHalf(row: Piece["rows"][number] | undefined, half: "front" | "back"): boolean {
  return row?.half === half || row?.half === "both";
}

function laneOf(plan: Plan, dot: number, turn: number, segment: number): Lane {
  const angle = (Math.atan2(plan.dots.x[dot]!, -plan.dots.y[dot]!) * 180) / Math.PI - turn;
  const within = ((angle % segment) + segment) % segment;
  return Math.min(within, segment - within) < segment / 4 ? "on the lines" : "between";
}

function heightShare(piece: Piece, index: number): number {
  const shade = piece.rows[index]?.shades[0];
  const paint = shade?.kind === "paint" ? piece.paints.find((one) => one.id === shade.paint) : undefined;
  return HEIGHTS[paint?.body ?? "medium"] ?? 0;
}

const STEPS = { mm: [1, 2, 5, 10, 20, 50, 100, 200], inch: [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8] } as const;

/** A round step (mm) for the scale along the foot, about every 60 pixels; even fractions of an inch in inches. */
export function tickStep(pxPerMm: number, units: Units): number {
  const steps = units === "inch" ? STEPS.inch.map((inches) => 25.4 * inches) : STEPS.mm;
  return steps.find((step) => step * pxPerMm >= 55) ?? steps.at(-1)!;
}
