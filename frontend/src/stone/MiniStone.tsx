/** A piece drawn small, from the same plan. `size` is the side of the square that holds it, CSS pixels. Without a name
 * it only adorns what stands beside it. */
import { useEffect, useRef } from "react";
import { drawStone } from "./draw";
import type { Drawn } from "./scene";
import { firstSide } from "./side";
import { fitting } from "./view";

interface Props {
  plan: Drawn | undefined;
  base: string;
  size: number;
  name: string;
  poles?: "hanger" | "sides";
}

export function MiniStone({ plan, base, size, name, poles }: Props) {
  const ref = useRef<HTMLCanvasElement>(null);
  const side = Math.round(size / 0.94);
  useEffect(() => {
    const context = ref.current?.getContext("2d");
    if (!context || !plan) return;
    const view = { ...fitting(side, side, plan.blank.span), ...firstSide(plan, poles) };
    drawStone(context, { plan, base }, view, false);
  }, [plan, base, side, poles]);
  const ratio = window.devicePixelRatio || 1;
  return (
    <canvas
      ref={ref}
      role={name ? "img" : undefined}
      aria-label={name || undefined}
      aria-hidden={!name}
      width={side * ratio}
      height={side * ratio}
      style={{ width: side, height: side }}
    />
  );
}
