/** The stone: the blank at true proportion on a neutral mat, turning like a turntable. */
import { type ReactNode, useLayoutEffect, useRef, useState } from "react";
import type { Plan } from "../api/types";
import { dotAt, drawStone } from "./draw";
import { Overlay } from "./Overlay";
import "./stone.css";
import { useSize } from "./useSize";
import { pointIn, useTurntable } from "./useTurntable";
import { moved, toPiece, turned } from "./view";

interface Props {
  plan: Plan;
  base: string;
  name: string;
  /** While something is slid the plain look is drawn. */
  plain?: boolean;
  row?: number | null;
  places?: number[];
  guides?: boolean;
  onPick?: (dot: number | null) => void;
  /** What to say of the dot that is pointed at. */
  describe?: (dot: number) => ReactNode;
  onDrawn?: (plan: Plan) => void;
}

const CLICK_PX = 4;
const NONE: number[] = [];

export function Stone(props: Props) {
  const {
    plan,
    base,
    name,
    plain = false,
    row = null,
    places = NONE,
    guides = true,
    onPick,
    describe,
    onDrawn,
  } = props;
  const frame = useRef<HTMLDivElement>(null);
  const layers = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height } = useSize(frame);
  const { view, now, show, reset, key } = useTurntable({ frame, layers, width, height, rim: plan.rim });
  const [pointed, setPointed] = useState<number | null>(null);
  const drag = useRef<{ x: number; y: number; angle: number; far: boolean; pan: boolean } | null>(null);
  const ratio = window.devicePixelRatio || 1;

  useLayoutEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || width === 0 || height === 0) return;
    drawStone(context, { plan, base }, view, plain);
    onDrawn?.(plan);
  }, [plan, base, view, plain, width, height, onDrawn]);

  const under = (event: React.PointerEvent) => {
    const at = toPiece(now.current, pointIn(frame.current!, event));
    return dotAt(plan, at.x, at.y, 1 / now.current.scale);
  };
  const angleAt = (event: React.PointerEvent) => {
    const at = pointIn(frame.current!, event);
    return Math.atan2(at.y - now.current.y, at.x - now.current.x);
  };
  const press = (event: React.PointerEvent) => {
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
    if (!from.far && Math.hypot(event.clientX - from.x, event.clientY - from.y) < CLICK_PX) return;
    if (from.pan) show(moved(now.current, event.clientX - from.x, event.clientY - from.y), false);
    else show(turned(now.current, angleAt(event) - from.angle), false);
    drag.current = { ...from, x: event.clientX, y: event.clientY, angle: angleAt(event), far: true };
  };
  const release = (event: React.PointerEvent) => {
    const from = drag.current;
    drag.current = null;
    if (from && !from.far) onPick?.(under(event));
    else show(now.current);
  };

  return (
    <div
      ref={frame}
      className="stone"
      role="application"
      aria-label={`${name}. Drag or press comma and full stop to turn, plus and minus to zoom, arrows to move, 0 to see it whole.`}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the stone is turned by keys
      tabIndex={0}
      onKeyDown={key}
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
      {pointed !== null && describe && pointed < plan.dots.x.length && (
        <div className="stone-note">{describe(pointed)}</div>
      )}
    </div>
  );
}
