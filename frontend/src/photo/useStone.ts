/** The outline of a stone as the server reads it off a photograph, and as it was corrected by hand. */
import { useEffect, useState } from "react";
import { readOff } from "../api/client";
import type { components } from "../api/generated";
import { newToken } from "../keeping/token";
import { onPlane, type Share, type Stroke, TARGETS } from "./stage";

export type StoneFound = components["schemas"]["StoneFound"];

export interface Asked {
  widest: number | null;
  rise: number | null;
  targets: Share[];
  strokes: Stroke[];
}

export interface Reading {
  found: StoneFound | null;
  wrong: string | null;
  /** The token of the reading that is going on, or null. */
  reading: string | null;
  moved: number;
  move: (point: number, to: Share) => void;
}

export function useStone(file: File | null, asked: Asked): Reading {
  const [found, setFound] = useState<StoneFound | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [reading, setReading] = useState<string | null>(null);
  const [moved, setMoved] = useState(0);
  const { targets } = asked;
  const question = JSON.stringify({ ...asked, targets: targets.length === TARGETS ? targets : null });
  useEffect(() => {
    if (!file) return;
    const going = new AbortController();
    const token = newToken();
    setReading(token);
    const query = new URLSearchParams({ asked: question, reading: token });
    readOff<StoneFound>(`/api/photo/stone?${query}`, file, going.signal)
      .then((answer) => {
        setFound(answer);
        setWrong(null);
        setMoved(0);
      })
      .catch((cause: Error) => {
        if (going.signal.aborted) return;
        setFound(null);
        setWrong(cause.message);
      })
      .finally(() => {
        if (!going.signal.aborted) setReading(null);
      });
    return () => going.abort();
  }, [file, question]);
  const move = (point: number, to: Share) => {
    setFound((now) => now && corrected(now, point, to));
    setMoved((now) => now + 1);
  };
  return { found, wrong, reading, moved, move };
}

/** One point put elsewhere: its outline moves by as much as the place on the plane does. */
function corrected(now: StoneFound, point: number, to: Share): StoneFound {
  const [wasX, wasY] = onPlane(now.plane, now.over[point] as Share);
  const [isX, isY] = onPlane(now.plane, to);
  const put = <T>(values: readonly T[], value: T) => values.map((old, k) => (k === point ? value : old));
  return {
    ...now,
    over: put(now.over as Share[], to),
    x: put(now.x, now.x[point]! + isX - wasX),
    y: put(now.y, now.y[point]! + isY - wasY),
  };
}
