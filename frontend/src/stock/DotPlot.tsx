/** Measured dots over time, and the dots of one load. */
import "@mantine/charts/styles.css";
import { LineChart, ScatterChart } from "@mantine/charts";
import type { Measurement, Tool } from "../api/types";
import { onAxis, SUFFIX, useUnits } from "../studio/units";
import { ageInDays } from "./mixed";

interface Props {
  measured: Measurement[];
  load: NonNullable<Tool["load"]> | null;
  first: number;
}

export default function DotPlot({ measured, load, first }: Props) {
  const units = useUnits((state) => state.units);
  const points = measured.flatMap(({ day, diameters }) =>
    diameters.map((mm) => ({ day: -ageInDays(day), dot: onAxis(mm, units) })),
  );
  const curve = load
    ? Array.from({ length: load.dots }, (_, k) => ({ number: k + 1, dot: onAxis(first * load.ratio ** k, units) }))
    : [];
  return (
    <>
      <p className="small quiet">Over time: days before today, {SUFFIX[units]}.</p>
      <ScatterChart
        h={130}
        data={[{ color: "var(--accent)", name: "Dots", data: points }]}
        dataKey={{ x: "day", y: "dot" }}
        yAxisProps={{ domain: ["auto", "auto"] }}
        withTooltip={false}
        scatterProps={{ isAnimationActive: false }}
      />
      {curve.length > 0 && (
        <>
          <p className="small quiet">The dots of one load, the first to the last.</p>
          <LineChart
            h={120}
            data={curve}
            dataKey="number"
            yAxisProps={{ domain: ["auto", "auto"] }}
            withTooltip={false}
            series={[{ name: "dot", color: "var(--accent)" }]}
            lineProps={{ isAnimationActive: false }}
          />
        </>
      )}
    </>
  );
}
