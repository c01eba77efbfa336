/** Sliding a row along the spoke, by pointer or by keys. One gesture is one edit. */
import { useEffect, useRef } from "react";
import type { Piece, Plan } from "../api/types";
import { withRow } from "../piece/edits";
import type { Session } from "../piece/session";

const STEP_MM = 0.05;
const SNAP_PX = 5;
const KEYS: Record<string, number> = { ArrowLeft: -0.1, ArrowRight: 0.1, PageDown: -1, PageUp: 1 };

/** What a row slides along: to the rim, and on to circles nearer than `snap` (mm). */
interface Along {
  rim: number;
  circles: Plan["circles"];
  snap: number;
}

/** The piece with a row set at a walk distance; within `snap` mm of a guide circle it is set on that circle. */
export function slid(piece: Piece, row: number, walk: number, { rim, circles, snap }: Along): Piece {
  const at = Math.min(Math.max(Math.round(walk / STEP_MM) * STEP_MM, 0), rim);
  const fit = piece.rows[row]?.fit === "distance" ? null : piece.rows[row]?.fit;
  const circle = circles.find((one) => Math.abs(one.walk - walk) <= snap);
  if (circle) return withRow(piece, row, { distance: { kind: "guide", circle: circle.id }, fit });
  return withRow(piece, row, { distance: { kind: "walk", walk: Number(at.toFixed(4)) }, fit });
}

interface Gesture {
  row: number;
  from: number;
  walk: number;
  x: number;
}

export function useSlide(session: Session, rim: number, circles: Plan["circles"], pxPerMm: number) {
  const gesture = useRef<Gesture | null>(null);
  const along = ({ x }: Gesture) => ({ rim, circles, snap: x ? SNAP_PX / pxPerMm : 0 });

  const show = (walk: number) => {
    if (!gesture.current || !session.piece) return;
    gesture.current.walk = walk;
    session.move(slid(session.piece, gesture.current.row, walk, along(gesture.current)));
  };
  const finish = (mark: string) => {
    const done = gesture.current;
    gesture.current = null;
    if (!done) return;
    if (Math.abs(done.walk - done.from) < STEP_MM / 2) session.settle();
    else session.edit(`Slide row ${mark}`, (piece) => slid(piece, done.row, done.walk, along(done)), mark);
  };
  const cancel = () => {
    gesture.current = null;
    session.settle();
  };
  useEffect(() => {
    const callOff = (event: KeyboardEvent) => event.key === "Escape" && gesture.current && cancel();
    window.addEventListener("keydown", callOff);
    return () => window.removeEventListener("keydown", callOff);
  });

  return (row: number, walk: number, mark: string, fixed: boolean) => ({
    onPointerDown: (event: React.PointerEvent<SVGElement>) => {
      session.pick(row);
      if (fixed) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      gesture.current = { row, from: walk, walk, x: event.clientX };
    },
    onPointerMove: (event: React.PointerEvent) => {
      const now = gesture.current;
      if (now?.row === row) show(now.from + (event.clientX - now.x) / pxPerMm);
    },
    onPointerUp: () => finish(mark),
    onPointerCancel: cancel,
    onKeyDown: (event: React.KeyboardEvent) => {
      const by = KEYS[event.key];
      if (by === undefined || fixed) return;
      event.preventDefault();
      gesture.current ??= { row, from: walk, walk, x: 0 };
      show(gesture.current.walk + by);
    },
    onKeyUp: (event: React.KeyboardEvent) => KEYS[event.key] !== undefined && finish(mark),
    onBlur: () => finish(mark),
    onFocus: () => session.pick(row),
  });
}
