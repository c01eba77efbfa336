/** The dots of a step and the tip of its tool as they are, to hold the tool to the screen; or the way to get there. */
import { Button } from "@mantine/core";
import { useState } from "react";
import type { Plan, Step, Tool } from "../api/types";
import { ScreenScale } from "../studio/ScreenScale";
import { useScale } from "../studio/scale";

interface Props {
  step: Step;
  plan: Plan;
  tool: Tool | undefined;
}

export function TrueSize({ step, plan, tool }: Props) {
  const perMm = useScale((state) => state.perMm);
  const [open, setOpen] = useState(false);
  if (step.dots.length === 0) return null;
  const sizes = step.dots.map((dot) => 2 * plan.dots.r[dot]!);
  const ends = [...new Set([Math.max(...sizes), Math.min(...sizes)].map((size) => Math.round(size * 100) / 100))];
  const colour = step.shade === null ? "currentColor" : plan.shades[step.shade]!.colour;
  return (
    <div>
      <dt>At true size</dt>
      <dd className="work-true">
        {perMm !== null &&
          ends.map((size) => <Dot key={size} size={size} tip={tool?.tip ?? null} colour={colour} perMm={perMm} />)}
        <Button size="compact-xs" variant="subtle" onClick={() => setOpen(true)}>
          {perMm === null ? "Set this screen" : "Set it again"}
        </Button>
      </dd>
      {open && <ScreenScale onClose={() => setOpen(false)} />}
    </div>
  );
}

/** A dot in its shade, the tool's tip as a ring on it where somebody measured that. */
function Dot({ size, tip, colour, perMm }: { size: number; tip: number | null; colour: string; perMm: number }) {
  const wide = Math.max(size, tip ?? 0) * perMm + 2;
  return (
    <svg width={wide} height={wide} role="img" aria-label={`A dot of ${size} mm`}>
      <circle className="work-dot" cx={wide / 2} cy={wide / 2} r={(size * perMm) / 2} fill={colour} />
      {tip !== null && <circle className="work-tip" cx={wide / 2} cy={wide / 2} r={(tip * perMm) / 2} />}
    </svg>
  );
}
