/** How steady the hand was, sheet by sheet: the gap at which neighbours are safe, for one technique. */
import "@mantine/charts/styles.css";
import { LineChart } from "@mantine/charts";
import { useState } from "react";
import type { Kit } from "../api/types";
import { Choice } from "../studio/Choice";
import { onAxis, SUFFIX, spokenLength, useUnits } from "../studio/units";
import { latest, offeredGap, useSteadiness } from "./useSteadiness";
import { pairs } from "./words";

const TECHNIQUES = [
  ["row", "rows"],
  ["ring", "rings"],
  ["walk", "walks"],
] as const;
type Technique = (typeof TECHNIQUES)[number][0];
const INKS = ["var(--accent)", "#b8621b", "#5b6fb5", "#8b3a62"];
const DASHES = ["0", "6 3", "2 3", "8 3 2 3"];

/** The chart reads dots in a key as a path. */
const keyOf = (tools: readonly string[], tool: string) => `tool${tools.indexOf(tool)}`;

export default function SteadyPlot({ kit }: { kit: Kit }) {
  const units = useUnits((state) => state.units);
  const [technique, setTechnique] = useState<Technique>("row");
  const own = useSteadiness(technique);
  const tools = [...new Set(own.map((one) => one.tool))].slice(0, INKS.length);
  const name = (id: string) => kit.tools.find((tool) => tool.id === id)?.name ?? id;
  const days = [...new Set(own.map((one) => one.day))].sort();
  const data = days.map((day) => {
    const at: Record<string, string | number> = { day };
    for (const tool of tools) {
      const last = own.filter((one) => one.day === day && one.tool === tool).at(-1);
      if (last) at[keyOf(tools, tool)] = onAxis(last.gap, units);
    }
    return at;
  });
  return (
    <section aria-label="Steadiness" className="steady">
      <h3>Steadiness</h3>
      <Choice name="Of" titled value={technique} options={TECHNIQUES} onChange={setTechnique} />
      <p className="small quiet">
        The gap, in {SUFFIX[units]}, at which one pair of neighbours in {own[0]?.one_in ?? 200} touches: the lower, the
        steadier.
      </p>
      <LineChart
        h={220}
        data={data}
        dataKey="day"
        withTooltip={false}
        withLegend
        connectNulls
        yAxisProps={{ domain: [0, "auto"] }}
        series={tools.map((tool, k) => ({
          name: keyOf(tools, tool),
          label: name(tool),
          color: INKS[k]!,
          strokeDasharray: DASHES[k]!,
        }))}
        lineProps={{ isAnimationActive: false }}
      />
      <ul className="steady-words" aria-label="What it means">
        {latest(own)
          .slice(0, INKS.length)
          .map((one) => (
            <li key={one.tool}>
              <b>{name(one.tool)}</b>: places ±{spokenLength(Math.round(one.place * 100) / 100, units)}, sizes ±
              {(100 * one.size).toFixed(1)} %. {pairs(one, 1, units)} {pairs(one, 2, units)} Safe gap:{" "}
              {spokenLength(offeredGap(one), units)}.
            </li>
          ))}
      </ul>
    </section>
  );
}
