/** The two canvases of the stone: what stays, and over it what moves while a row is slid. */
import { useLayoutEffect, useRef } from "react";
import type { Plan } from "../api/types";
import { drawStone } from "./draw";
import { drawGuides, type Place } from "./guides";
import type { View } from "./view";

interface Options {
  plan: Plan;
  base: string;
  view: View;
  width: number;
  height: number;
  /** The first row that moves, or null. */
  sliding: number | null;
  /** A ball shows another side with every move. */
  rolling: boolean;
  /** Whether guides lie under the paint. */
  guides: boolean;
  onDrawn: ((plan: Plan) => void) | undefined;
}

/**
 * Resting, everything is drawn with its light on one canvas. While a row is slid, the rows inside it are drawn so once
 * and stay; it and the rows outside it are drawn on the other canvas, plainly, with every plan.
 */
export function useLayers({ plan, base, view, width, height, sliding, rolling, guides, onDrawn }: Options) {
  const still = useRef<HTMLCanvasElement>(null);
  const moving = useRef<HTMLCanvasElement>(null);
  const stays = useRef<{ view: View; dot: number; width: number; height: number } | null>(null);
  useLayoutEffect(() => {
    const below = still.current?.getContext("2d");
    const above = moving.current?.getContext("2d");
    if (!below || !above || width === 0 || height === 0) return;
    const dot = sliding === null ? null : (plan.rows[sliding]?.first ?? 0);
    const under = (context: CanvasRenderingContext2D, place: Place) =>
      drawGuides(context, plan, base, view, place, guides);
    const scene = { plan, base, under };
    if (dot === null) {
      drawStone(below, scene, view, rolling);
      stays.current = null;
    } else {
      const known = stays.current;
      if (!known || known.view !== view || known.dot !== dot || known.width !== width || known.height !== height) {
        drawStone(below, scene, view, rolling, { to: dot });
        stays.current = { view, dot, width, height };
      }
      drawStone(above, scene, view, true, { from: dot });
    }
    onDrawn?.(plan);
  }, [plan, base, view, rolling, sliding, width, height, guides, onDrawn]);
  return { still, moving };
}
