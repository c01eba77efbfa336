/** Where the stone is seen: turned, zoomed and moved. Lengths on screen are CSS pixels from the middle of the view. */

export interface View {
  /** Radians, clockwise. */
  turn: number;
  /** Pixels for each millimetre. */
  scale: number;
  x: number;
  y: number;
  /** A ball or egg is also rolled: about the upright axis, and towards the eye (radians). */
  yaw: number;
  pitch: number;
}

export interface Point {
  x: number;
  y: number;
}

export const FAR_OUT = 0.4;
export const CLOSE_UP = 40;
export const MARGIN = 0.94;

/** The view that shows the whole blank; `span` is half the side of a square that holds it. */
export function fitting(width: number, height: number, span: number, margin = MARGIN): View {
  return { turn: 0, scale: (Math.min(width, height) * margin) / (2 * span), x: 0, y: 0, yaw: 0, pitch: 0 };
}

/** A point of the piece (mm) on screen. */
export function toScreen(view: View, { x, y }: Point): Point {
  const sin = Math.sin(view.turn) * view.scale;
  const cos = Math.cos(view.turn) * view.scale;
  return { x: view.x + x * cos - y * sin, y: view.y + x * sin + y * cos };
}

/** A point on screen as a point of the piece (mm). */
export function toPiece(view: View, at: Point): Point {
  const dx = (at.x - view.x) / view.scale;
  const dy = (at.y - view.y) / view.scale;
  const sin = Math.sin(view.turn);
  const cos = Math.cos(view.turn);
  return { x: dx * cos + dy * sin, y: dy * cos - dx * sin };
}

/** Zoomed by a factor with the point under the pointer staying where it is. */
export function zoomed(view: View, factor: number, at: Point, home: View): View {
  const scale = Math.min(Math.max(view.scale * factor, home.scale * FAR_OUT), home.scale * CLOSE_UP);
  const k = scale / view.scale;
  return { ...view, scale, x: at.x + (view.x - at.x) * k, y: at.y + (view.y - at.y) * k };
}

/** Turned about the middle of the piece. */
export function turned(view: View, by: number): View {
  return { ...view, turn: view.turn + by };
}

/** Rolled like a ball in the hand. */
export function rolled(view: View, yaw: number, pitch: number): View {
  const most = Math.PI / 2;
  return { ...view, yaw: view.yaw + yaw, pitch: Math.min(Math.max(view.pitch + pitch, -most), most) };
}

export function moved(view: View, dx: number, dy: number): View {
  return { ...view, x: view.x + dx, y: view.y + dy };
}

export function sameSide(one: View, other: View): boolean {
  return one.yaw === other.yaw && one.pitch === other.pitch;
}

/** CSS transform, about the middle, that makes a picture drawn for one view show another of the same side. */
export function cssBetween(drawn: View, now: View): string {
  if (drawn === now) return "none";
  const turn = now.turn - drawn.turn;
  return `translate(${now.x}px, ${now.y}px) rotate(${turn}rad) scale(${now.scale / drawn.scale}) translate(${-drawn.x}px, ${-drawn.y}px)`;
}
