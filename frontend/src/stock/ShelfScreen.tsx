/** The shelf: the artist's paints. */
import { ActionIcon, Button } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import type { Paint, Shelf } from "../api/types";
import { ColourField } from "../parts/ColourField";
import { freshId } from "../piece/edits";
import { Kept, UndoRedo } from "../piece/Strip";
import { Choice } from "../studio/Choice";
import { Shell } from "../studio/Shell";
import { TextField } from "../studio/TextField";
import "./stock.css";
import { useLedger } from "./useLedger";

const BODIES = ["fluid", "medium", "heavy"].map((body) => [body as Paint["body"], body] as const);
const FINISHES = ["matte", "gloss", "metallic"].map((finish) => [finish as Paint["finish"], finish] as const);

export function ShelfScreen() {
  const { ledger, document: shelf } = useLedger<Shelf>("shelf");
  const save = (label: string, paints: Paint[]) => shelf && ledger.edit(label, { ...shelf, paints });
  const change = (paint: Paint, label: string, part: Partial<Paint>) =>
    save(
      label,
      shelf!.paints.map((one) => (one.id === paint.id ? { ...one, ...part } : one)),
    );
  const add = () =>
    save("Add a paint", [
      ...shelf!.paints,
      {
        id: freshId("paint", shelf!.paints),
        name: "New paint",
        colour: "#b08968",
        body: "medium",
        finish: "matte",
        note: "",
      },
    ]);
  return (
    <Shell title="Shelf">
      <main className="page">
        <div className="stock-head">
          <div>
            <h1>Shelf</h1>
            <p className="quiet">Paints as they look when dry, with the body that decides how high a dot stands.</p>
          </div>
          <span className="grow" />
          <Kept ledger={ledger} />
          <UndoRedo ledger={ledger} />
          <Button onClick={add} disabled={!shelf || shelf.paints.length >= 240}>
            Add a paint
          </Button>
        </div>
        <table className="plain stock">
          <thead>
            <tr>
              <th scope="col">Colour and name</th>
              <th scope="col">Body</th>
              <th scope="col">Finish</th>
              <th scope="col">Note</th>
              <th scope="col">
                <span className="visually-hidden">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {shelf?.paints.map((paint) => (
              <tr key={paint.id}>
                <td>
                  <ColourField
                    name={paint.name}
                    colour={paint.colour}
                    label={paint.name}
                    onChange={(value) => change(paint, "Change a paint", value)}
                  />
                </td>
                <td>
                  <Choice
                    name={`Body of ${paint.name}`}
                    value={paint.body}
                    options={BODIES}
                    onChange={(body) => change(paint, "Set the body", { body })}
                  />
                </td>
                <td>
                  <Choice
                    name={`Finish of ${paint.name}`}
                    value={paint.finish}
                    options={FINISHES}
                    onChange={(finish) => change(paint, "Set the finish", { finish })}
                  />
                </td>
                <td>
                  <TextField
                    name={`Note on ${paint.name}`}
                    value={paint.note}
                    mayBeEmpty
                    onChange={(note) => change(paint, "Note on a paint", { note })}
                  />
                </td>
                <td>
                  <ActionIcon
                    variant="subtle"
                    aria-label={`Remove ${paint.name}`}
                    onClick={() =>
                      save(
                        "Remove a paint",
                        shelf.paints.filter((one) => one.id !== paint.id),
                      )
                    }
                  >
                    <IconTrash size={17} />
                  </ActionIcon>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {shelf?.paints.length === 0 && <p className="quiet">No paints yet. Add one as it looks when dry.</p>}
      </main>
    </Shell>
  );
}
