/** Sets to begin with, where the kit or the shelf is empty. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Kit, Shelf, Starter } from "../api/types";
import type { Ledger } from "../piece/ledger";
import { spokenLength, useUnits } from "../studio/units";

interface Props<T extends Kit | Shelf> {
  of: "kit" | "shelf";
  ledger: Ledger<T>;
  stock: T | null;
}

export function Starters<T extends Kit | Shelf>({ of, ledger, stock }: Props<T>) {
  const sets = useQuery({ queryKey: ["starters"], queryFn: () => need(client.GET("/api/begin/starters")) }).data ?? [];
  if (!stock || size(stock) > 0) return null;
  return (
    <ul className="starters" aria-label={of === "kit" ? "Sets of tools to begin with" : "Sets of paints to begin with"}>
      {sets
        .filter((one) => one.stock.format === `fernring.${of}`)
        .map((one) => (
          <li key={one.id} className="starter">
            <strong>{one.name}</strong>
            <span className="quiet small">{one.about}</span>
            <Contents of={one} />
            <Button size="xs" onClick={() => ledger.edit(`Begin with ${one.name.toLowerCase()}`, one.stock as T)}>
              Take {one.name.toLowerCase()}
            </Button>
          </li>
        ))}
    </ul>
  );
}

function size(stock: Kit | Shelf): number {
  return "tools" in stock ? stock.tools.length : stock.paints.length;
}

/** What a set holds at a glance: colours, or sizes from the smallest to the largest. */
function Contents({ of }: { of: Starter }) {
  const units = useUnits((state) => state.units);
  if ("paints" in of.stock)
    return (
      <span className="starter-paints" aria-hidden="true">
        {of.stock.paints.map((paint) => (
          <span key={paint.id} className="swatch" style={{ background: paint.colour }} />
        ))}
      </span>
    );
  const dots = of.stock.tools.flatMap((tool) => tool.dots);
  return (
    <span className="small figures">
      {dots.length} sizes, {spokenLength(Math.min(...dots), units)} to {spokenLength(Math.max(...dots), units)}, typical
    </span>
  );
}
