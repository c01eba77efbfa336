/** The stone: the blank at true proportion on a neutral mat, turning like a turntable. */
import { type ReactNode, useLayoutEffect, useRef, useState } from "react";
import type { Plan } from "../api/types";
import { dotAt, drawStone } from "./draw";
import { Overlay } from "./Overlay";
import { Sides } from "./Sides";
import { firstSide } from "./side";
import "./stone.css";
import { useSize } from "./useSize";
import { pointIn, useTurntable } from "./useTurntable";
import { fitting, MARGIN, moved, type Point, rolled, toPiece, turned, type View } from "./view";

interface Props {
  plan: Plan;
  base: string;
  name: string;
  poles?: "hanger" | "sides";
  /** While something is slid the plain look is drawn. */
  plain?: boolean;
  row?: number | null;
  places?: number[];
  guides?: boolean;
  /** Share of the window the blank fills. */
  margin?: number;
  onPick?: (dot: number | null, at: Point) => void;
  /** What to say of the dot that is pointed at. */
  describe?: (dot: number) => ReactNode;
  onDrawn?: (plan: Plan) => void;
  /** What is drawn over the stone by whoever shows it. */
  over?: (view: View, width: number, height: number) => ReactNode;
}

const CLICK_PX = 4;
const NONE: number[] = [];

export function Stone(props: Props) {
  const { plan, base, name, poles, plain = false, row = null, places = NONE, guides = true } = props;
  const { margin = MARGIN, onPick, describe, onDrawn, over } = props;
  const frame = useRef<HTMLDivElement>(null);
  const layers = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height } = useSize(frame);
  const { closed } = plan.blank;
  const home = { ...fitting(width, height, plan.blank.span, margin), ...firstSide(plan, poles) };
  const { view, now, show, reset, key, rolling } = useTurntable({ frame, layers, home, rolls: closed });
  const [pointed, setPointed] = useState<number | null>(null);
  const drag = useRef<{ x: number; y: number; angle: number; far: boolean; pan: boolean } | null>(null);
  const ratio = window.devicePixelRatio || 1;

  useLayoutEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || width === 0 || height === 0) return;
    drawStone(context, { plan, base }, view, plain || rolling);
    onDrawn?.(plan);
  }, [plan, base, view, plain, rolling, width, height, onDrawn]);

  const place = (event: React.PointerEvent) => toPiece(now.current, pointIn(frame.current!, event));
  const under = (event: React.PointerEvent) => {
    const at = place(event);
    return dotAt(plan, now.current, at.x, at.y, 1 / now.current.scale);
  };
  const angleAt = (event: React.PointerEvent) => {
    const at = pointIn(frame.current!, event);
    return Math.atan2(at.y - now.current.y, at.x - now.current.x);
  };
  const press = (event: React.PointerEvent) => {
    if ((event.target as HTMLElement).closest(".stone-over, .stone-sides")) return;
    frame.current!.setPointerCapture(event.pointerId);
    const pan = event.shiftKey || event.button === 1;
    drag.current = { x: event.clientX, y: event.clientY, angle: angleAt(event), far: false, pan };
  };
  const move = (event: React.PointerEvent) => {
    const from = drag.current;
    if (!from) {
      setPointed(under(event));
      return;
    }
    const dx = event.clientX - from.x;
    const dy = event.clientY - from.y;
    if (!from.far && Math.hypot(dx, dy) < CLICK_PX) return;
    const hold = 1 / (plan.blank.span * now.current.scale);
    if (from.pan) show(moved(now.current, dx, dy), false);
    else if (closed) show(rolled(now.current, dx * hold, -dy * hold));
    else show(turned(now.current, angleAt(event) - from.angle), false);
    drag.current = { ...from, x: event.clientX, y: event.clientY, angle: angleAt(event), far: true };
  };
  const release = (event: React.PointerEvent) => {
    const from = drag.current;
    drag.current = null;
    if (!from) return;
    if (!from.far) onPick?.(under(event), place(event));
    else if (!closed) show(now.current);
  };
  const keys = closed
    ? "Drag or press arrows to roll, comma and full stop to turn, plus and minus to zoom, 0 to see it as at first."
    : "Drag or press comma and full stop to turn, plus and minus to zoom, arrows to move, 0 to see it whole.";

  return (
    <div
      ref={frame}
      className="stone"
      role="application"
      aria-label={`${name}. ${keys}`}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the stone is turned by keys
      tabIndex={0}
      onKeyDown={(event) => event.target === event.currentTarget && key(event)}
      onPointerDown={press}
      onPointerMove={move}
      onPointerUp={release}
      onPointerLeave={() => setPointed(null)}
      onDoubleClick={reset}
    >
      <div ref={layers} className="stone-layers">
        <canvas ref={canvas} width={width * ratio} height={height * ratio} style={{ width, height }} />
        <Overlay {...{ plan, base, view, width, height, row, places, guides }} />
      </div>
      {over && width > 0 && <div className="stone-over">{over(view, width, height)}</div>}
      {closed && <Sides view={view} home={home} show={show} />}
      {pointed !== null && describe && pointed < plan.dots.x.length && (
        <div className="stone-note">{describe(pointed)}</div>
      )}
    </div>
  );
}
