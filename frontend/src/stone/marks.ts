/** Swipes, ovals, leaves and strokes on the canvas: ribbons along their spines, lit as dots are. */

import { type Light, layers, type Tones, tones } from "./paint";
import type { Drawn } from "./scene";
import { roll } from "./side";
import type { View } from "./view";

interface Place {
  left: number;
  top: number;
  px: number;
  plain: boolean;
  from: number;
  to: number;
}

/** A disc of a spine on the canvas. */
interface Disc {
  x: number;
  y: number;
  r: number;
}

interface Body {
  discs: Disc[];
  glued: boolean;
}

/** The marks pulled from dots of one level. */
export function drawMarks(
  context: CanvasRenderingContext2D,
  plan: Drawn,
  view: View,
  level: number,
  place: Place,
): void {
  const { marks } = plan;
  const groups = new Map<number, Body[]>();
  const lie = lying(plan, view, place);
  for (let k = 0; k < marks.shade.length; k++) {
    if (marks.level[k] !== level || marks.dot[k]! < place.from || marks.dot[k]! >= place.to) continue;
    const discs = lie(k);
    if (!discs) continue;
    const spine = { discs, glued: marks.glued[k]! };
    const group = groups.get(marks.shade[k]!);
    if (group) group.push(spine);
    else groups.set(marks.shade[k]!, [spine]);
  }
  for (const [shade, spines] of groups) {
    const { colour, finish } = plan.shades[shade]!;
    for (const light of layers(tones(colour, finish), place.plain)) {
      const path = new Path2D();
      for (const { discs, glued } of spines) if (!glued) ribbon(path, discs, light);
      context.fillStyle = light.fill;
      context.fill(path);
    }
    crystals(
      context,
      spines.filter((one) => one.glued).map((one) => one.discs[0]!),
      tones(colour, "gloss"),
    );
  }
}

const FACETS = 8;
const TABLE = 0.5; // of a crystal's width is its flat top

/** Glued crystals: facets in turn light and dark about a flat top. The light stays where it is as they turn. */
function crystals(context: CanvasRenderingContext2D, discs: Disc[], { body, rim }: Tones): void {
  const corner = ({ x, y, r }: Disc, k: number): [number, number] => {
    const angle = ((k + 0.5) * 2 * Math.PI) / FACETS;
    return [x + r * Math.sin(angle), y - r * Math.cos(angle)];
  };
  const facets = (fill: string, chosen: (k: number) => boolean) => {
    context.fillStyle = fill;
    context.beginPath();
    for (const disc of discs)
      for (let k = 0; k < FACETS; k++)
        if (chosen(k)) {
          context.moveTo(disc.x, disc.y);
          context.lineTo(...corner(disc, k));
          context.lineTo(...corner(disc, k + 1));
        }
    context.fill();
  };
  facets(body, () => true);
  facets("rgba(255,255,255,0.55)", (k) => k === FACETS - 1 || k === FACETS - 2);
  facets(rim, (k) => k === 2 || k === 3);
  facets("rgba(255,255,255,0.2)", (k) => k % 2 === 0);
  const tables = discs.map((disc) => ({ ...disc, r: TABLE * disc.r }));
  context.fillStyle = body;
  context.beginPath();
  for (const table of tables) for (let k = 0; k <= FACETS; k++) context[k ? "lineTo" : "moveTo"](...corner(table, k));
  context.fill();
}

/** Where the discs of a mark lie on the canvas; null for a mark that faces away. */
function lying({ marks, blank }: Drawn, view: View, place: Place): (mark: number) => Disc[] | null {
  const sin = Math.sin(view.turn) * place.px;
  const cos = Math.cos(view.turn) * place.px;
  const turn = blank.closed ? roll(view) : null;
  return (mark) => {
    const found: Disc[] = [];
    for (let i = marks.start[mark]!; i < marks.start[mark + 1]!; i++) {
      let [x, y, facing] = [marks.x[i]!, marks.y[i]!, 1];
      if (turn) [x, y, facing] = turn(x, y, marks.z[i]! - blank.middle);
      if (facing < 0 && found.length === 0) return null;
      found.push({
        x: place.left + x * cos - y * sin,
        y: place.top + x * sin + y * cos,
        r: marks.r[i]! * place.px,
      });
    }
    return found;
  };
}

/** The outline of discs along a spine, each a share of its own size and shifted by shares of it; round at the head. */
function ribbon(path: Path2D, spine: Disc[], { size, shift }: Light): void {
  const last = spine.length - 1;
  const right: [number, number][] = [];
  for (let k = 0; k <= last; k++) {
    const { x, y, r } = spine[k]!;
    const [a, b] = [spine[Math.max(k - 1, 0)]!, spine[Math.min(k + 1, last)]!];
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    const [ux, uy] = [(b.x - a.x) / long, (b.y - a.y) / long];
    const [cx, cy, wide] = [x - shift * r, y - shift * r, size * r];
    if (k === 0) {
      const way = Math.atan2(uy, ux);
      path.moveTo(cx - uy * wide, cy + ux * wide);
      path.arc(cx, cy, wide, way + Math.PI / 2, way + Math.PI * 1.5);
    } else path.lineTo(cx + uy * wide, cy - ux * wide);
    right.push([cx - uy * wide, cy + ux * wide]);
  }
  for (let k = last; k > 0; k--) path.lineTo(...right[k]!);
  path.closePath();
}
