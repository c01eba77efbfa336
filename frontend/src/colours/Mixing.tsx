/** How much of every shade to mix before the first dot, of which pots, and a ladder from light to colour. */
import { Button, Table } from "@mantine/core";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Amounts, Piece, Plan, Shelf } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { today } from "../stock/mixed";
import { useStockLedger } from "../stock/useLedger";
import "./mixing.css";
import { mixedNow, usedNow } from "./potLog";
import { MARGIN, useMargin } from "./useMargin";

interface Props {
  piece: Piece;
  plan: Plan;
}

export function Mixing({ piece, plan }: Props) {
  const { ledger, document: shelf } = useStockLedger<Shelf>("shelf");
  const [margin, setMargin] = useMargin();
  const { data, error } = useQuery({
    queryKey: ["amounts", piece, margin, shelf],
    queryFn: ({ signal }) => need(client.POST("/api/amounts", { body: { piece, margin, shelf }, signal })),
    enabled: shelf !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const names: Names = (ident) =>
    [...(shelf?.paints ?? []), ...piece.paints].find(({ id }) => id === ident)?.name ?? ident;
  return (
    <section aria-label="How much to mix">
      <h2>How much to mix</h2>
      <p className="small quiet">
        As much as the dots hold while wet, what stays on tool and pot, and the margin; 20 drops are one millilitre
        (common practice). Recipes are of the pots on the shelf and the paints of this piece; the first of a recipe is
        what it takes most of.
      </p>
      <div className="part-fields">
        <RuleField fact={MARGIN} value={margin} set={(next) => setMargin(next as number)} />
      </div>
      {error && <p className="blank-wrong">{error.message}</p>}
      {data && shelf && data.pots.length > 0 && (
        <>
          <Short amounts={data} names={names} plan={plan} />
          <Pots
            {...{ amounts: data, names, plan, shelf }}
            onMixed={(pot) => ledger.edit("Keep a mixed pot", mixedNow(shelf, pot, today()))}
            onUsed={(pot) => ledger.edit("Use a mixed pot", usedNow(shelf, pot, piece.name, today()))}
          />
          {data.ladders.map((one) => (
            <Ladder key={one.ramp} ladder={one} amounts={data} names={names} ramps={piece.ramps} />
          ))}
          <p className="small quiet">
            Base coats take about {data.base.toFixed(1)} ml, one thin coat of finish {data.finish.toFixed(1)} ml.
            {data.price !== null && ` Paint of a known price comes to ${data.price.toFixed(2)}.`}
          </p>
        </>
      )}
    </section>
  );
}

type Names = (paint: string) => string;

interface AmountProps {
  amounts: Amounts;
  names: Names;
}

interface PotsProps extends AmountProps {
  plan: Plan;
  shelf: Shelf;
  onMixed: (pot: Amounts["pots"][number]) => void;
  onUsed: (pot: Amounts["pots"][number]) => void;
}

function Pots({ amounts, names, plan, shelf, onMixed, onUsed }: PotsProps) {
  return (
    <Table className="mixing" aria-label="Shades and how much of each">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>Shade</Table.Th>
          <Table.Th className="number">Dots</Table.Th>
          <Table.Th className="number">Wet, ml</Table.Th>
          <Table.Th className="number">Mix, ml</Table.Th>
          <Table.Th className="number">Drops</Table.Th>
          <Table.Th>Recipe</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {amounts.pots.map((pot) => (
          <Table.Tr key={pot.shade}>
            <Table.Td>
              <span className="swatch" style={{ background: pot.colour }} /> {pot.name}
              <span className="small quiet"> rows {pot.rows.map((row) => plan.rows[row]?.mark).join(", ")}</span>
            </Table.Td>
            <Table.Td className="number">{pot.dots}</Table.Td>
            <Table.Td className="number">{pot.ml.toFixed(2)}</Table.Td>
            <Table.Td className="number">{pot.mix.toFixed(2)}</Table.Td>
            <Table.Td className="number">{pot.drops}</Table.Td>
            <Table.Td>
              <Leftover pot={pot} shelf={shelf} onUsed={() => onUsed(pot)} />
              {pot.recipe ? <RecipeWords pot={pot} names={names} /> : "as it is"}
              {pot.recipe && pot.pots.length > 1 && (
                <Button size="compact-xs" variant="subtle" onClick={() => onMixed(pot)} className="mixing-keep">
                  Mixed: keep {pot.name} as a pot
                </Button>
              )}
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

interface LeftoverProps {
  pot: Amounts["pots"][number];
  shelf: Shelf;
  onUsed: () => void;
}

function Leftover({ pot, shelf, onUsed }: LeftoverProps) {
  const before = pot.leftover;
  const kept = shelf.mixed.find(({ id }) => id === before?.pot);
  if (!before || !kept) return null;
  return (
    <span className="mixing-before">
      <span className="swatch" style={{ background: kept.colour }} /> First: {before.ml.toFixed(1)} ml are left of{" "}
      {kept.name}, mixed on {kept.day}.
      <Button size="compact-xs" variant="light" onClick={onUsed}>
        Use {kept.name}
      </Button>
    </span>
  );
}

function RecipeWords({ pot, names }: { pot: Amounts["pots"][number]; names: Names }) {
  const recipe = pot.recipe!;
  if (pot.pots.length === 0) return <span className="small quiet">Nothing more to mix.</span>;
  if (pot.pots.length === 1 && recipe.reached) return `${names(pot.pots[0]!.paint)} as it is`;
  return (
    <>
      {pot.pots.map(({ paint, drops }) => `${drops} ${names(paint)}`).join(" + ")}
      <br />
      <span className="small quiet mixing-seen">
        <span className="swatch" style={{ background: recipe.colour }} />
        {recipe.reached ? "off by" : "out of reach; the nearest is off by"} {recipe.error.toFixed(1)},{" "}
        {recipe.calibrated ? "by swabs" : "an estimate"}
      </span>
      {pot.gap && (
        <span className="small mixing-seen">
          <span className="swatch" style={{ background: pot.gap }} /> one more paint of about this colour, {pot.gap},
          would close the gap
        </span>
      )}
    </>
  );
}

function Short({ amounts, names, plan }: AmountProps & { plan: Plan }) {
  if (amounts.short.length === 0) return null;
  return (
    <p className="blank-wrong" role="status">
      Not enough:{" "}
      {amounts.short
        .map(({ paint, needed, left, row }) => {
          const out = row === null ? "" : `, and it runs out in row ${plan.rows[row]?.mark}`;
          return `${names(paint)}, ${needed.toFixed(1)} ml of ${left} ml left${out}`;
        })
        .join("; ")}
      .
    </p>
  );
}

interface LadderProps extends AmountProps {
  ladder: Amounts["ladders"][number];
  ramps: Piece["ramps"];
}

/** In the order of the hand: what goes into the pot, and what is put aside for each step. */
function Ladder({ ladder, amounts, names, ramps }: LadderProps) {
  const ramp = ramps.find(({ id }) => id === ladder.ramp);
  return (
    <section aria-label={`${ramp?.name}, mixed in one pot`} className="mixing-ladder">
      <h3>{ramp?.name}, mixed in one pot</h3>
      <ol>
        {ladder.rungs.map(({ shade, light, colour, aside }) => {
          const pot = amounts.pots.find((one) => one.shade === shade);
          const into = [
            light > 0 && `${light} drops of ${names(ladder.light)}`,
            colour > 0 && `${colour} drops of ${names(ladder.colour)}`,
          ].filter(Boolean);
          return (
            <li key={shade}>
              <span className="swatch" style={{ background: pot?.colour }} />{" "}
              {into.length > 0 ? `Add ${into.join(" and ")}, stir, ` : ""}put aside {aside} drops for {pot?.name}.
            </li>
          );
        })}
      </ol>
    </section>
  );
}
