/** The view of the stone, how it changes, and the keys that change it. */
import { type RefObject, useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import { cssBetween, moved, rolled, sameSide, turned, type View, zoomed } from "./view";

const SETTLE_MS = 140;
const KEY_TURN = Math.PI / 36;
const KEY_ROLL = Math.PI / 18;
const KEY_MOVE = 40;

interface Options {
  layers: RefObject<HTMLElement | null>;
  home: View;
  /** A ball or egg is rolled by the arrows. */
  rolls: boolean;
}

/**
 * `view` is what has been drawn. During a gesture only a CSS transform on the layers changes; once the hand rests the
 * view is set and everything is drawn sharp, with the light again where the screen has it. A ball shows another side
 * with every move, so it is drawn anew each time, plainly while it `rolling`.
 */
export function useTurntable({ layers, home: first, rolls }: Options) {
  const home = useRef<View>(first);
  const [view, setView] = useState<View>(first);
  const [rolling, setRolling] = useState(false);
  const now = useRef(view);
  const drawn = useRef(view);
  const timer = useRef(0);
  const touched = useRef(false);

  const show = useCallback(
    (next: View, settle = true) => {
      now.current = next;
      touched.current = true;
      window.clearTimeout(timer.current);
      if (!sameSide(drawn.current, next)) {
        setRolling(true);
        setView(next);
        timer.current = window.setTimeout(() => setRolling(false), SETTLE_MS);
        return;
      }
      if (layers.current) {
        layers.current.style.willChange = "transform";
        layers.current.style.transform = cssBetween(drawn.current, next);
      }
      if (settle) timer.current = window.setTimeout(() => setView(now.current), SETTLE_MS);
    },
    [layers],
  );

  const reset = useCallback(() => {
    touched.current = false;
    now.current = home.current;
    setRolling(false);
    setView(home.current);
  }, []);

  const { scale, yaw, pitch, turn } = first;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the home view changes with these alone
  useEffect(() => {
    home.current = first;
    if (!touched.current) reset();
  }, [scale, yaw, pitch, reset]);

  const shown = useRef(turn);
  useEffect(() => {
    if (shown.current === turn) return;
    shown.current = turn;
    home.current = { ...home.current, turn };
    reset(); // whoever shows the piece turns it to what comes next
  }, [turn, reset]);

  useLayoutEffect(() => {
    drawn.current = view;
    now.current = view;
    if (layers.current) {
      layers.current.style.transform = "none";
      layers.current.style.willChange = "auto";
    }
  }, [view, layers]);

  const key = (event: React.KeyboardEvent): boolean => {
    const act = (rolls ? { ...KEYS, ...ROLLS } : KEYS)[event.key];
    if (!act || event.ctrlKey || event.metaKey || event.altKey) return false;
    event.preventDefault();
    if (event.key === "0") reset();
    else show(act(now.current, home.current));
    return true;
  };

  return { view, now, show, reset, key, rolling };
}

const MIDDLE = { x: 0, y: 0 };
type Act = (view: View, home: View) => View;
const KEYS: Record<string, Act> = {
  ",": (view) => turned(view, -KEY_TURN),
  ".": (view) => turned(view, KEY_TURN),
  "+": (view, home) => zoomed(view, 1.25, MIDDLE, home),
  "=": (view, home) => zoomed(view, 1.25, MIDDLE, home),
  "-": (view, home) => zoomed(view, 0.8, MIDDLE, home),
  ArrowLeft: (view) => moved(view, KEY_MOVE, 0),
  ArrowRight: (view) => moved(view, -KEY_MOVE, 0),
  ArrowUp: (view) => moved(view, 0, KEY_MOVE),
  ArrowDown: (view) => moved(view, 0, -KEY_MOVE),
  "0": (_, home) => home,
};
const ROLLS: Record<string, Act> = {
  ArrowLeft: (view) => rolled(view, -KEY_ROLL, 0),
  ArrowRight: (view) => rolled(view, KEY_ROLL, 0),
  ArrowUp: (view) => rolled(view, 0, KEY_ROLL),
  ArrowDown: (view) => rolled(view, 0, -KEY_ROLL),
};
