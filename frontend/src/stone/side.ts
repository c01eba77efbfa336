/** Which side of the piece is seen: points in space as they lie before the eye, in mm. */
import type { Drawn } from "./scene";
import type { View } from "./view";

export interface Seen {
  x: ArrayLike<number>;
  y: ArrayLike<number>;
  /** How much each dot is foreshortened (1 seen square on), negative where it faces away; null on a flat blank. */
  facing: Float64Array | null;
  /** Direction of the foreshortening (radians); null on a flat blank. */
  lean: Float64Array | null;
}

export type Roll = (x: number, y: number, z: number) => [number, number, number];

/** Turning a point about the upright axis by yaw, then tipping it by pitch. */
export function roll({ yaw, pitch }: Pick<View, "yaw" | "pitch">): Roll {
  const cy = Math.cos(yaw);
  const sy = Math.sin(yaw);
  const cp = Math.cos(pitch);
  const sp = Math.sin(pitch);
  return (x, y, z) => {
    const across = x * cy + z * sy;
    const depth = z * cy - x * sy;
    return [across, y * cp - depth * sp, y * sp + depth * cp];
  };
}

const kept = new WeakMap<object, { yaw: number; pitch: number; seen: Seen }>();

/** Every dot as it is seen; kept until the plan or the side changes. */
export function seenDots(plan: Drawn, view: View): Seen {
  const { x, y, z, nx, ny, nz } = plan.dots;
  if (!z || !nx || !ny || !nz) return { x, y, facing: null, lean: null };
  const known = kept.get(plan.dots);
  if (known && known.yaw === view.yaw && known.pitch === view.pitch) return known.seen;
  const n = x.length;
  const seen = {
    x: new Float64Array(n),
    y: new Float64Array(n),
    facing: new Float64Array(n),
    lean: new Float64Array(n),
  };
  const turn = roll(view);
  for (let i = 0; i < n; i++) {
    const [px, py] = turn(x[i]!, y[i]!, z[i]! - plan.blank.middle);
    const [mx, my, mz] = turn(nx[i]!, ny[i]!, nz[i]!);
    seen.x[i] = px;
    seen.y[i] = py;
    seen.facing[i] = mz;
    seen.lean[i] = Math.atan2(my, mx);
  }
  kept.set(plan.dots, { yaw: view.yaw, pitch: view.pitch, seen });
  return seen;
}

/** How a ball or egg is first shown: by the hanger with its pole up and leaning to the eye, else square on. */
export function firstSide(plan: Drawn, poles: "hanger" | "sides" | undefined): { yaw: number; pitch: number } {
  return { yaw: 0, pitch: plan.blank.closed && poles === "hanger" ? 0.75 : 0 };
}
