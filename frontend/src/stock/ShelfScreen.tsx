/** The shelf: the artist's paints as pots, and shades that were mixed of them. */
import { Button } from "@mantine/core";
import { useState } from "react";
import { fieldsOf, MOST } from "../api/facts";
import type { Paint, Shelf } from "../api/types";
import { freshId } from "../piece/edits";
import { Saved, UndoRedo } from "../piece/Strip";
import { Shell } from "../studio/Shell";
import { MixedPots } from "./MixedPots";
import { PaintDrawer } from "./PaintDrawer";
import { PotCard } from "./PotCard";
import { Starters } from "./Starters";
import { StockFiles } from "./StockFiles";
import "./shelf.css";
import "./stock.css";
import { useLedger } from "./useLedger";

const FACTS = fieldsOf("Paint");
/** What a paint is unless it is said. */
const PLAIN = Object.fromEntries(
  Object.entries(FACTS).flatMap(([field, fact]) => (fact.default === undefined ? [] : [[field, fact.default]])),
) as unknown as Omit<Paint, "id" | "name" | "colour">;

export function ShelfScreen() {
  const { ledger, document: shelf } = useLedger<Shelf>("shelf");
  const [open, setOpen] = useState<string | null>(null);
  const save = (label: string, part: Partial<Shelf>) => shelf && ledger.edit(label, { ...shelf, ...part });
  const change = (label: string, part: Partial<Paint>) =>
    save(label, { paints: shelf!.paints.map((one) => (one.id === open ? { ...one, ...part } : one)) });
  const add = () => {
    const id = freshId("paint", shelf!.paints);
    const fresh: Paint = { ...PLAIN, id, name: "New paint", colour: "#b08968", swabs: [], parts: [], left: null };
    save("Add a paint", { paints: [...shelf!.paints, fresh] });
    setOpen(id);
  };
  const remove = () => {
    save("Remove a paint", { paints: shelf!.paints.filter((one) => one.id !== open) });
    setOpen(null);
  };
  return (
    <Shell title="Shelf">
      <main className="page">
        <div className="stock-head">
          <div>
            <h1>Shelf</h1>
            <p className="quiet">Paints as they look when dry, over black and white.</p>
          </div>
          <span className="grow" />
          <Saved ledger={ledger} />
          <UndoRedo ledger={ledger} />
          <StockFiles name="shelf" ledger={ledger} stock={shelf} />
          <Button onClick={add} disabled={!shelf || shelf.paints.length >= MOST.paints}>
            Add a paint
          </Button>
        </div>
        <div className="pots">
          {shelf?.paints.map((paint) => (
            <PotCard key={paint.id} paint={paint} open={open === paint.id} onOpen={() => setOpen(paint.id)} />
          ))}
        </div>
        {shelf?.paints.length === 0 && (
          <p className="quiet">No paints yet. Add one as it looks when dry, or take a set to begin with.</p>
        )}
        {shelf && (
          <MixedPots
            shelf={shelf}
            remove={(id) => save("Remove a mixed pot", { mixed: shelf.mixed.filter((pot) => pot.id !== id) })}
          />
        )}
        <Starters of="shelf" ledger={ledger} stock={shelf} />
        <PaintDrawer
          paint={shelf?.paints.find(({ id }) => id === open) ?? null}
          change={change}
          remove={remove}
          onClose={() => setOpen(null)}
        />
      </main>
    </Shell>
  );
}
