/** How the colours hold together: what lies how far out, light and dark, contrast, hues, and advice. Each mark points at
 * its dots on the stone. */
import "@mantine/charts/styles.css";
import { BarChart, DonutChart, ScatterChart } from "@mantine/charts";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { client, need } from "../api/client";
import type { Colours, Piece, Plan, Shelf } from "../api/types";
import { Finding } from "../piece/Finding";
import type { Session } from "../piece/session";
import { walkOf } from "../spoke/walk";
import { useStockLedger } from "../stock/useLedger";
import { onAxis, SUFFIX, type Units, useUnits } from "../studio/units";
import { hueColour, hueName } from "./hues";
import { useMargin } from "./useMargin";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

interface ViewProps extends Props {
  colours: Colours;
  units: Units;
}

export default function ColourMap(props: Props) {
  const { piece } = props;
  const { document: shelf } = useStockLedger<Shelf>("shelf");
  const [margin] = useMargin();
  const units = useUnits((state) => state.units);
  const { data, error } = useQuery({
    queryKey: ["colours", piece, shelf, margin],
    queryFn: ({ signal }) => need(client.POST("/api/colours", { body: { piece, shelf, margin }, signal })),
    enabled: shelf !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  if (error) return <p className="blank-wrong">{error.message}</p>;
  if (!data) return <p className="quiet">Looking at the colours…</p>;
  if (data.rows.length === 0) return <p className="quiet">Nothing is painted yet. Add a row, and choose its shades.</p>;
  const views = { ...props, colours: data, units };
  return (
    <>
      <Advice {...views} />
      <Outward {...views} />
      <Values {...views} />
      <Contrast {...views} />
      <Hues {...views} />
    </>
  );
}

function Advice({ session, plan, colours, units }: ViewProps) {
  const [shown, setShown] = useState<string | null>(null);
  return (
    <section aria-label="Advice on colours">
      <h2>Advice</h2>
      {colours.advice.length === 0 && <p className="small quiet">Nothing to say: these colours hold together.</p>}
      <ul className="verdict-list colours-advice">
        {colours.advice.map((one) => (
          <Finding
            key={one.key}
            {...{ session, units }}
            verdict={one}
            remedies={one.remedies}
            shown={shown === one.key}
            onShow={(on) => {
              setShown(on ? one.key : null);
              session.point(
                plan,
                on ? (one.dots.length > 0 ? one.dots : dotsWhere(plan, (_, row) => one.rows.includes(row))) : [],
              );
            }}
          />
        ))}
      </ul>
    </section>
  );
}

/** Shade by shade over the walk distance. */
function Outward({ session, plan, colours, units }: ViewProps) {
  const data = colours.map.map((areas, k) => {
    const middle = (colours.bands[k]! + colours.bands[k + 1]!) / 2;
    return {
      walk: onAxis(middle, units),
      band: k,
      ...Object.fromEntries(areas.map((area, shade) => [`s${shade}`, area])),
    };
  });
  const series = colours.shades.map(({ shade, name, colour }) => ({ name: `s${shade}`, label: name, color: colour }));
  const point = (band: number, shade: number) => {
    const [from, to] = [colours.bands[band]!, colours.bands[band + 1]!];
    session.point(
      plan,
      dotsWhere(plan, (own, _, walk) => own === shade && walk >= from && walk <= to),
    );
  };
  return (
    <section aria-label="From centre to edge">
      <h2>From centre to edge</h2>
      <p className="small quiet">
        How much of each shade is seen so far out, {SUFFIX[units]}. Does a colour come back further out?
      </p>
      <BarChart
        h={200}
        data={data}
        dataKey="walk"
        type="stacked"
        series={series}
        withTooltip={false}
        withYAxis={false}
        gridAxis="none"
        barChartProps={{ barCategoryGap: 1 }}
        barProps={(one) => ({
          isAnimationActive: false,
          stroke: "var(--line)",
          strokeWidth: 0.5,
          cursor: "pointer",
          onClick: (_: unknown, band: number) => point(band, Number(one.name.slice(1))),
        })}
      />
      <div className="chips" role="group" aria-label="Shades by how much of each is seen">
        {[...colours.shades]
          .filter(({ share }) => share > 0)
          .sort((a, b) => b.share - a.share)
          .map(({ shade, name, colour, share }) => (
            <button
              key={shade}
              type="button"
              className="chip"
              onClick={() =>
                session.point(
                  plan,
                  dotsWhere(plan, (own) => own === shade),
                )
              }
            >
              <span className="swatch" style={{ background: colour }} /> {name} {percent(share)}
            </button>
          ))}
      </div>
    </section>
  );
}

function Values({ session, plan, colours, units }: ViewProps) {
  const points = colours.rows.map(({ row, walk, value }) => ({
    walk: onAxis(walk, units),
    value: Math.round(value),
    row,
  }));
  return (
    <section aria-label="Light and dark">
      <h2>Light and dark</h2>
      <p className="small quiet">The value (L*) of every row, from 0 black to 100 white, by how far out it lies.</p>
      <ScatterChart
        h={180}
        data={[{ color: "var(--accent)", name: "Rows", data: points }]}
        dataKey={{ x: "walk", y: "value" }}
        yAxisProps={{ domain: [0, 100] }}
        withTooltip={false}
        scatterProps={{
          isAnimationActive: false,
          cursor: "pointer",
          onClick: (one: { payload?: { row?: number } }) => pointRow(session, plan, one.payload?.row),
        }}
      />
    </section>
  );
}

function Contrast({ session, plan, colours }: ViewProps) {
  const data = colours.rows.map(({ row, from_base, from_next }) => ({
    row: plan.rows[row]?.mark ?? "",
    base: Math.round(from_base),
    next: from_next === null ? 0 : Math.round(from_next),
  }));
  return (
    <section aria-label="Contrast of rows">
      <h2>How rows stand apart</h2>
      <p className="small quiet">
        From the base and from the next row outward (CIEDE2000); under about 12 they run together.
      </p>
      <BarChart
        h={190}
        data={data}
        dataKey="row"
        withLegend
        withTooltip={false}
        series={[
          { name: "next", label: "from the next row", color: "var(--accent)" },
          { name: "base", label: "from the base", color: "var(--quiet)" },
        ]}
        barProps={{
          isAnimationActive: false,
          cursor: "pointer",
          onClick: (_: unknown, k: number) => pointRow(session, plan, colours.rows[k]?.row),
        }}
      />
      <div className="chips" role="group" aria-label="Rows, from the centre outward">
        {colours.rows.map(({ row, value, from_next }) => (
          <button key={row} type="button" className="chip" onClick={() => pointRow(session, plan, row)}>
            {plan.rows[row]?.mark}: L* {value.toFixed(0)}
            {from_next !== null && `, ${from_next.toFixed(0)} from the next`}
          </button>
        ))}
      </div>
    </section>
  );
}

function Hues({ session, plan, colours }: ViewProps) {
  const data = colours.hues.flatMap((share, k) =>
    share > 0.002 ? [{ name: hueName(k), value: share, color: hueColour(k), sector: k }] : [],
  );
  const pointAt = (sector: number) => {
    const shades = new Set(colours.shades.filter(({ hue }) => hue === sector).map(({ shade }) => shade));
    session.point(
      plan,
      dotsWhere(plan, (own) => shades.has(own)),
    );
  };
  return (
    <section aria-label="Balance of hues">
      <h2>Balance of hues</h2>
      <p className="small quiet">
        {percent(1 - colours.grey)} of what is seen has a hue; {percent(colours.grey)} is white, grey or black.
      </p>
      {data.length > 0 && (
        <div className="colours-hues">
          <DonutChart
            data={data}
            size={130}
            thickness={26}
            withTooltip={false}
            pieProps={{
              isAnimationActive: false,
              cursor: "pointer",
              onClick: (_: unknown, k: number) => pointAt(data[k]!.sector),
            }}
          />
          <div className="chips" role="group" aria-label="Hues by how much of each is seen">
            {data.map(({ name, value, color, sector }) => (
              <button key={sector} type="button" className="chip" onClick={() => pointAt(sector)}>
                <span className="swatch" style={{ background: color }} /> {name} {percent(value)}
              </button>
            ))}
          </div>
        </div>
      )}
    </section>
  );
}

function pointRow(session: Session, plan: Plan, row: number | undefined): void {
  if (row === undefined) return;
  session.point(
    plan,
    dotsWhere(plan, (_, own) => own === row),
  );
}

function dotsWhere(plan: Plan, holds: (shade: number, row: number, walk: number) => boolean): number[] {
  const { shade, row } = plan.dots;
  const found: number[] = [];
  for (let k = 0; k < row.length; k++) if (holds(shade[k]!, row[k]!, walkOf(plan, k))) found.push(k);
  return found;
}

function percent(share: number): string {
  return `${(100 * share).toFixed(share < 0.095 ? 1 : 0)} %`;
}
