/** A plan as a hand of measured steadiness would set it: each dot a little beside its place and a little off in size. */
import type { Piece, Plan } from "../api/types";

/** Of dots with one tool: deviation of a place along any one direction (mm), and of a size as a share. */
export interface Steadiness {
  tool: string;
  place: number;
  size: number;
}

/** Always the same for the same plan: it is one try of the hand, and no flicker. A tool that was never practised with
 * is as steady as the others are in the mean. What stands on a dot, or was pulled from it, goes with it. */
export function byHand(plan: Plan, piece: Piece, hand: readonly Steadiness[]): Plan {
  const usual = { place: mean(hand.map(({ place }) => place)), size: mean(hand.map(({ size }) => size)) };
  const ofTool = piece.tools.map(({ id }) => hand.find(({ tool }) => tool === id) ?? usual);
  const { x, y, r, tool, below, level } = plan.dots;
  const moved = { x: [...x], y: [...y], r: [...r] };
  const low = x.map((_, i) => i).sort((a, b) => level[a]! - level[b]!);
  for (const i of low) {
    const { place, size } = ofTool[tool[i]!] ?? usual;
    const [across, along] = normal(2 * i);
    const under = below[i]!;
    const [carriedX, carriedY] = under < 0 ? [0, 0] : [moved.x[under]! - x[under]!, moved.y[under]! - y[under]!];
    moved.x[i] = x[i]! + carriedX + place * across;
    moved.y[i] = y[i]! + carriedY + place * along;
    moved.r[i] = r[i]! * Math.exp(size * normal(2 * i + 1)[0]);
  }
  const marks = { ...plan.marks, x: [...plan.marks.x], y: [...plan.marks.y] };
  plan.marks.dot.forEach((dot, mark) => {
    for (let k = marks.start[mark]!; k < marks.start[mark + 1]!; k++) {
      marks.x[k] = marks.x[k]! + moved.x[dot]! - x[dot]!;
      marks.y[k] = marks.y[k]! + moved.y[dot]! - y[dot]!;
    }
  });
  return { ...plan, dots: { ...plan.dots, ...moved }, marks };
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** Two numbers of a normal distribution for a whole number, by Box and Muller's formula. */
function normal(seed: number): [number, number] {
  const radius = Math.sqrt(-2 * Math.log(1 - uniform(2 * seed)));
  const angle = 2 * Math.PI * uniform(2 * seed + 1);
  return [radius * Math.cos(angle), radius * Math.sin(angle)];
}

/** A number from 0 up to 1 for a whole number: its bits mixed by multiplying and shifting, as hashes do. */
function uniform(seed: number): number {
  let bits = Math.imul(seed + 1, 0x9e3779b1);
  bits = Math.imul(bits ^ (bits >>> 16), 0x85ebca6b);
  bits = Math.imul(bits ^ (bits >>> 13), 0xc2b2ae35);
  return ((bits ^ (bits >>> 16)) >>> 0) / 2 ** 32;
}
