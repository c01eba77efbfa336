/** The areas on the stone, to be dragged, sized and turned by pointer or keys. One gesture is one edit. */
import { useEffect, useRef, useState } from "react";
import type { BareArea, Plan } from "../api/types";
import type { OverStone } from "../piece/overStone";
import { through } from "../stone/guides";
import { type Point, toPiece } from "../stone/view";
import { withArea } from "./edits";
import { type Moved, moved, pointOf, STILL } from "./moved";

type What = "move" | "size" | "turn";

interface Gesture {
  area: BareArea;
  /** Its lines as it was begun, which are moved at once. */
  d: string;
  what: What;
  from: Point | null;
  by: Moved;
}

const KEYS: Record<string, (step: number) => Partial<Moved>> = {
  ArrowLeft: (step) => ({ dx: -step }),
  ArrowRight: (step) => ({ dx: step }),
  ArrowUp: (step) => ({ dy: -step }),
  ArrowDown: (step) => ({ dy: step }),
  "+": (step) => ({ size: 1 + 0.02 * step }),
  "-": (step) => ({ size: 1 / (1 + 0.02 * step) }),
  ",": (step) => ({ turn: -step }),
  ".": (step) => ({ turn: step }),
};
const STEP = 0.5;
const LONG_STEP = 5;
const HANDLE_PX = 7;
const AWAY_PX = 22;

export function AreasOnStone({ session, piece, plan, view, width, height }: OverStone) {
  const [picked, setPickedOnly] = useState<string | null>(null);
  const setPicked = (id: string) => {
    setPickedOnly(id);
    document.getElementById(`area-${id}`)?.scrollIntoView({ block: "nearest" });
  };
  const [by, setBy] = useState<Moved>(STILL);
  const gesture = useRef<Gesture | null>(null);
  const svg = useRef<SVGSVGElement>(null);
  const at = ({ clientX, clientY }: { clientX: number; clientY: number }): Point => {
    const box = svg.current!.getBoundingClientRect();
    return toPiece(view, { x: clientX - box.left - box.width / 2, y: clientY - box.top - box.height / 2 });
  };
  const show = (next: Moved) => {
    const now = gesture.current;
    if (!now || !session.piece) return;
    now.by = next;
    setBy(next);
    session.move(withArea(session.piece, now.area.id, moved(now.area.area, next)));
  };
  const finish = () => {
    const now = gesture.current;
    gesture.current = null;
    setBy(STILL);
    if (!now) return;
    const { area } = now;
    const next = moved(area.area, now.by);
    if (JSON.stringify(next) === JSON.stringify(area.area)) session.settle();
    else session.edit(`Move ${area.name}`, (all) => withArea(all, area.id, next));
  };
  useEffect(() => {
    const callOff = (event: KeyboardEvent) => {
      if (event.key !== "Escape" || !gesture.current) return;
      gesture.current = null;
      setBy(STILL);
      session.settle();
    };
    window.addEventListener("keydown", callOff);
    return () => window.removeEventListener("keydown", callOff);
  });
  const begin = (area: BareArea, d: string, what: What, from: Point | null): Gesture => {
    setPicked(area.id);
    gesture.current = { area, d, what, from, by: STILL };
    return gesture.current;
  };
  const hands = (area: BareArea, d: string, what: What) => ({
    onPointerDown: (event: React.PointerEvent<SVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      begin(area, d, what, at(event));
    },
    onPointerMove: (event: React.PointerEvent) => {
      const now = gesture.current;
      if (now?.from && now.area.id === area.id) show(pulled(now, now.from, at(event)));
    },
    onPointerUp: finish,
    onPointerCancel: finish,
  });
  const keys = (area: BareArea, d: string) => ({
    onKeyDown: (event: React.KeyboardEvent) => {
      const change = KEYS[event.key]?.(event.shiftKey ? LONG_STEP : STEP);
      if (!change) return;
      event.preventDefault();
      event.stopPropagation();
      const now = gesture.current?.area.id === area.id ? gesture.current : begin(area, d, "move", null);
      show({
        dx: now.by.dx + (change.dx ?? 0),
        dy: now.by.dy + (change.dy ?? 0),
        size: now.by.size * (change.size ?? 1),
        turn: now.by.turn + (change.turn ?? 0),
      });
    },
    onKeyUp: (event: React.KeyboardEvent) => KEYS[event.key] && finish(),
    onBlur: () => gesture.current?.from === null && finish(),
    onFocus: () => setPicked(area.id),
  });
  const degrees = (view.turn * 180) / Math.PI;
  const place = `translate(${width / 2 + view.x} ${height / 2 + view.y}) rotate(${degrees}) scale(${view.scale})`;
  return (
    <svg ref={svg} width={width} height={height} role="group" aria-label="Areas on the stone">
      <g transform={place}>
        {piece.bare.map((area) => {
          const point = pointOf(area.area);
          const lines = plan.bare.find(({ id }) => id === area.id)?.lines;
          if (!point || !lines) return null;
          const now = gesture.current?.area.id === area.id ? gesture.current : null;
          const d = now?.d ?? lines.map(({ x, y }) => through(x, y, true)).join("");
          const px = 1 / view.scale;
          const box = boxOf(lines);
          const moving = now ? transformOf(by, pointOf(now.area.area)!) : undefined;
          return (
            <g key={area.id} transform={moving}>
              <path
                className={picked === area.id ? "area-shape picked" : "area-shape"}
                d={d}
                fillRule="evenodd"
                vectorEffect="non-scaling-stroke"
                role="button"
                tabIndex={0}
                aria-label={`${area.name}: arrows move it, plus and minus size it, comma and full stop turn it`}
                {...hands(area, d, "move")}
                {...keys(area, d)}
              />
              {picked === area.id && (
                <>
                  <rect
                    className="area-handle"
                    x={box.right - HANDLE_PX * px}
                    y={box.low - HANDLE_PX * px}
                    width={2 * HANDLE_PX * px}
                    height={2 * HANDLE_PX * px}
                    vectorEffect="non-scaling-stroke"
                    data-area-handle="size"
                    {...hands(area, d, "size")}
                  />
                  {area.area.kind !== "disc" && (
                    <circle
                      className="area-handle turn"
                      cx={(box.left + box.right) / 2}
                      cy={box.top - AWAY_PX * px}
                      r={HANDLE_PX * px}
                      vectorEffect="non-scaling-stroke"
                      data-area-handle="turn"
                      {...hands(area, d, "turn")}
                    />
                  )}
                </>
              )}
            </g>
          );
        })}
      </g>
    </svg>
  );
}

/** How far the pointer has moved, sized or turned the area. */
function pulled(now: Gesture, from: Point, to: Point): Moved {
  if (now.what === "move") return { ...STILL, dx: to.x - from.x, dy: to.y - from.y };
  const about = pointOf(now.area.area)!;
  const away = ({ x, y }: Point) => Math.hypot(x - about.x, y - about.y);
  if (now.what === "size") return { ...STILL, size: Math.max(away(to), 0.5) / Math.max(away(from), 0.5) };
  const angle = ({ x, y }: Point) => Math.atan2(y - about.y, x - about.x);
  return { ...STILL, turn: ((angle(to) - angle(from)) * 180) / Math.PI };
}

function transformOf({ dx, dy, size, turn }: Moved, { x, y }: Point): string {
  return `translate(${x + dx} ${y + dy}) rotate(${turn}) scale(${size}) translate(${-x} ${-y})`;
}

function boxOf(lines: Plan["bare"][number]["lines"]) {
  const x = lines.flatMap((line) => line.x);
  const y = lines.flatMap((line) => line.y);
  return { left: Math.min(...x), right: Math.max(...x), top: Math.min(...y), low: Math.max(...y) };
}
