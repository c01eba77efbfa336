/** A piece drawn small, from the same plan. */
import { useEffect, useRef } from "react";
import type { Plan } from "../api/types";
import { drawStone } from "./draw";
import { fitting } from "./view";

interface Props {
  plan: Plan | undefined;
  base: string;
  /** Diameter on screen, CSS pixels. */
  size: number;
  name: string;
}

export function MiniStone({ plan, base, size, name }: Props) {
  const ref = useRef<HTMLCanvasElement>(null);
  const side = Math.round(size / 0.94);
  useEffect(() => {
    const context = ref.current?.getContext("2d");
    if (context && plan) drawStone(context, { plan, base }, fitting(side, side, plan.rim), false);
  }, [plan, base, side]);
  const ratio = window.devicePixelRatio || 1;
  return (
    <canvas
      ref={ref}
      role="img"
      aria-label={name}
      width={side * ratio}
      height={side * ratio}
      style={{ width: side, height: side }}
    />
  );
}
