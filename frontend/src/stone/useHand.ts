/** What a hand does on the stone: drag turns or rolls it, two fingers pinch, turn and move it, a tap picks a dot. */
import { useGesture } from "@use-gesture/react";
import type { RefObject } from "react";
import { useRef } from "react";
import { moved, type Point, rolled, turned, type View, zoomed } from "./view";

interface Options {
  frame: RefObject<HTMLElement | null>;
  now: RefObject<View>;
  home: View;
  /** A ball or egg rolls under the finger. */
  rolls: boolean;
  /** Half the side of the square that holds the blank (mm). */
  span: number;
  show: (view: View, settle?: boolean) => void;
  onTap: (at: Point) => void;
  onPoint: (at: Point | null) => void;
}

/** Where a drag was last, and whether it began on something that lies over the stone. */
interface Held {
  at: Point;
  other: boolean;
}

const CLICK_PX = 4;
const WHEEL = 0.0015;
const OTHERS = ".stone-over, .stone-sides"; // what lies over the stone has gestures of its own
const LEFT_OR_WHEEL = [1, 4];
const DEGREE = Math.PI / 180;

/** Handlers for the frame. A gesture is drawn by a transform; once the hand rests everything is drawn sharp. */
export function useHand({ frame, now, home, rolls, span, show, onTap, onPoint }: Options) {
  const pinch = useRef<{ scale: number; angle: number; at: Point } | null>(null);
  const angleAt = ({ x, y }: Point) => Math.atan2(y - now.current.y, x - now.current.x);
  const place = ([clientX, clientY]: number[]) => pointIn(frame.current!, { clientX: clientX!, clientY: clientY! });
  return useGesture(
    {
      onDrag: ({ event, last, tap, xy, initial, memo, shiftKey, buttons, pinching }) => {
        const held: Held = memo ?? { at: place(initial), other: !!(event.target as HTMLElement).closest(OTHERS) };
        if (held.other) return held;
        const at = place(xy);
        if (pinching) return { ...held, at };
        if (tap) {
          onTap(at);
          return held;
        }
        const before = held.at;
        const [dx, dy] = [at.x - before.x, at.y - before.y];
        const hold = 1 / (span * now.current.scale);
        if (shiftKey || buttons === LEFT_OR_WHEEL[1]) show(moved(now.current, dx, dy), false);
        else if (rolls) show(rolled(now.current, dx * hold, -dy * hold));
        else show(turned(now.current, angleAt(at) - angleAt(before)), false);
        if (last && !rolls) show(now.current);
        return { ...held, at };
      },
      onPinch: ({ first, last, origin, offset: [scale, angle] }) => {
        const at = place(origin);
        const before = first || !pinch.current ? { scale, angle, at } : pinch.current;
        pinch.current = last ? null : { scale, angle, at };
        const nearer = zoomed(now.current, scale / before.scale, at, home);
        const round = turned(moved(nearer, at.x - before.at.x, at.y - before.at.y), (angle - before.angle) * DEGREE);
        show(round, last);
      },
      onMove: ({ xy, dragging, event }) => {
        if (!dragging && !(event.target as HTMLElement).closest(OTHERS)) onPoint(place(xy));
      },
      onHover: ({ hovering }) => {
        if (!hovering) onPoint(null);
      },
      onWheel: ({ event, delta: [, dy] }) => {
        event.preventDefault();
        show(zoomed(now.current, Math.exp(-dy * WHEEL), pointIn(frame.current!, event), home));
      },
    },
    {
      target: frame,
      eventOptions: { passive: false },
      drag: { filterTaps: true, tapsThreshold: CLICK_PX, threshold: CLICK_PX, pointer: { buttons: LEFT_OR_WHEEL } },
      pinch: { pointer: { touch: true }, from: () => [1, 0] },
    },
  );
}

/** A pointer's place from the middle of the element, CSS pixels. */
export function pointIn(element: HTMLElement, event: { clientX: number; clientY: number }): Point {
  const box = element.getBoundingClientRect();
  return { x: event.clientX - box.left - box.width / 2, y: event.clientY - box.top - box.height / 2 };
}
