/** Where the lanes of the spoke run through areas; on a flat blank, where the distance walked is that in plan. */
import type { Seen } from "./centre";
import type { Lane } from "./section";

export interface AreaCut {
  name: string;
  lane: Lane;
  from: number;
  to: number;
}

const LANES: [Lane, number][] = [
  ["on the lines", 0],
  ["between", 0.5],
];

export function areaCuts({ plan, piece, motif }: Seen): AreaCut[] {
  if (motif || plan.blank.relief !== "flat") return [];
  return plan.bare.flatMap(({ name, lines }) =>
    LANES.flatMap(([lane, half]) => {
      const angle = ((piece.turn + (half * 360) / piece.segments) * Math.PI) / 180;
      return stretches(lines, Math.sin(angle), -Math.cos(angle)).map(([from, to]) => ({ name, lane, from, to }));
    }),
  );
}

/** The stretches of a ray from the centre that lie inside, by the way the lines run round (SVG's non-zero rule). */
function stretches(lines: { x: number[]; y: number[] }[], dx: number, dy: number): [number, number][] {
  const crossings = lines.flatMap(({ x, y }) =>
    x.flatMap((x1, k) => {
      const [y1, x2, y2] = [y[k]!, x[(k + 1) % x.length]!, y[(k + 1) % x.length]!];
      const [a, b] = [x1 * dy - y1 * dx, x2 * dy - y2 * dx];
      if (a > 0 === b > 0) return [];
      const share = a / (a - b);
      const at = (x1 + share * (x2 - x1)) * dx + (y1 + share * (y2 - y1)) * dy;
      return [{ at, turn: a > 0 ? 1 : -1 }];
    }),
  );
  crossings.sort((one, other) => one.at - other.at);
  const found: [number, number][] = [];
  let winding = 0;
  let from = 0;
  for (const { at, turn } of crossings) {
    const before = winding;
    winding += turn;
    if (before === 0) from = at;
    else if (winding === 0 && at > 0) found.push([Math.max(from, 0), at]);
  }
  return found;
}
