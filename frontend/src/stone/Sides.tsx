/** From which side a ball or egg is looked at. The way there is shown, unless motion is unwelcome. */
import { useRef } from "react";
import type { View } from "./view";

interface Props {
  view: View;
  home: View;
  show: (view: View) => void;
}

const SIDES = [
  ["Front", 0, 0],
  ["Side", Math.PI / 2, 0],
  ["Back", Math.PI, 0],
] as const;
const STEPS = 14;

export function Sides({ view, home, show }: Props) {
  const going = useRef(0);
  const go = (yaw: number, pitch: number) => {
    cancelAnimationFrame(going.current);
    const still = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
    const round = Math.PI * 2;
    const from = { yaw: ((((view.yaw + Math.PI) % round) + round) % round) - Math.PI, pitch: view.pitch };
    let step = still ? STEPS : 0;
    const next = () => {
      step = Math.min(step + 1, STEPS);
      const t = (1 - Math.cos((Math.PI * step) / STEPS)) / 2;
      show({ ...view, yaw: from.yaw + (yaw - from.yaw) * t, pitch: from.pitch + (pitch - from.pitch) * t });
      if (step < STEPS) going.current = requestAnimationFrame(next);
    };
    next();
  };
  return (
    <fieldset className="stone-sides" aria-label="Seen from">
      {home.pitch > 0 && (
        <button type="button" className="chip square" onClick={() => go(0, home.pitch)}>
          As it hangs
        </button>
      )}
      {SIDES.map(([name, yaw, pitch]) => (
        <button key={name} type="button" className="chip square" onClick={() => go(yaw, pitch)}>
          {name}
        </button>
      ))}
    </fieldset>
  );
}
