/** The shelf: the artist's paints. */
import { ActionIcon, Button, Table } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { fieldsOf, MOST } from "../api/facts";
import type { Paint, Shelf } from "../api/types";
import { ColourField } from "../parts/ColourField";
import { freshId } from "../piece/edits";
import { Saved, UndoRedo } from "../piece/Strip";
import { Choice } from "../studio/Choice";
import { Shell } from "../studio/Shell";
import { TextField } from "../studio/TextField";
import { Starters } from "./Starters";
import { StockFiles } from "./StockFiles";
import "./stock.css";
import { useLedger } from "./useLedger";

const FACTS = fieldsOf("Paint");
const CHOICES = ["body", "medium", "finish", "binder", "cover"] as const;
type Chosen = (typeof CHOICES)[number];
const PLAIN = Object.fromEntries(CHOICES.map((field) => [field, FACTS[field]!.default])) as Pick<Paint, Chosen>;

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
        ...PLAIN,
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
          <Saved ledger={ledger} />
          <UndoRedo ledger={ledger} />
          <StockFiles name="shelf" ledger={ledger} stock={shelf} />
          <Button onClick={add} disabled={!shelf || shelf.paints.length >= MOST.paints}>
            Add a paint
          </Button>
        </div>
        <Table className="stock">
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">Colour and name</Table.Th>
              {CHOICES.map((field) => (
                <Table.Th key={field} scope="col">
                  {FACTS[field]!.name}
                </Table.Th>
              ))}
              <Table.Th scope="col">Note</Table.Th>
              <Table.Th scope="col">
                <span className="visually-hidden">Remove</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {shelf?.paints.map((paint) => (
              <Table.Tr key={paint.id}>
                <Table.Td>
                  <ColourField
                    name={paint.name}
                    colour={paint.colour}
                    label={paint.name}
                    onChange={(value) => change(paint, "Change a paint", value)}
                  />
                </Table.Td>
                {CHOICES.map((field) => (
                  <Table.Td key={field}>
                    <Choice
                      name={`${FACTS[field]!.name} of ${paint.name}`}
                      value={paint[field]}
                      options={FACTS[field]!.words ?? []}
                      onChange={(value) =>
                        change(paint, `Set the ${FACTS[field]!.name!.toLowerCase()}`, { [field]: value })
                      }
                    />
                  </Table.Td>
                ))}
                <Table.Td>
                  <TextField
                    name={`Note on ${paint.name}`}
                    value={paint.note}
                    mayBeEmpty
                    most={FACTS.note?.longest}
                    onChange={(note) => change(paint, "Note on a paint", { note })}
                  />
                </Table.Td>
                <Table.Td>
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
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
        {shelf?.paints.length === 0 && (
          <p className="quiet">No paints yet. Add one as it looks when dry, or take a set to begin with.</p>
        )}
        <Starters of="shelf" ledger={ledger} stock={shelf} />
      </main>
    </Shell>
  );
}
