/** Shades that were mixed and kept: of what, how old, how much is left. */
import { ActionIcon, Table } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import type { Shelf } from "../api/types";
import { ageInDays, leftIn } from "./mixed";

interface Props {
  shelf: Shelf;
  remove: (id: string) => void;
}

const OLD_DAYS = 7; // after which it should be looked at: common practice

export function MixedPots({ shelf, remove }: Props) {
  if (shelf.mixed.length === 0) return null;
  const nameOf = (id: string) => shelf.paints.find((paint) => paint.id === id)?.name ?? "a paint that is gone";
  return (
    <section aria-label="Mixed shades" className="mixed-pots">
      <h2>Mixed shades</h2>
      <p className="small quiet">Pots that you mixed and kept closed; recipes offer them first.</p>
      <Table className="mixing">
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">Shade</Table.Th>
            <Table.Th scope="col">Mixed of</Table.Th>
            <Table.Th scope="col">When</Table.Th>
            <Table.Th scope="col" className="number">
              Left, ml
            </Table.Th>
            <Table.Th scope="col">Used for</Table.Th>
            <Table.Th scope="col">
              <span className="visually-hidden">Remove</span>
            </Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {shelf.mixed.map((pot) => {
            const days = ageInDays(pot.day);
            return (
              <Table.Tr key={pot.id}>
                <Table.Td>
                  <span className="swatch" style={{ background: pot.colour }} /> {pot.name}
                </Table.Td>
                <Table.Td>{pot.parts.map(({ paint, drops }) => `${drops} ${nameOf(paint)}`).join(" + ")}</Table.Td>
                <Table.Td>
                  {days === 0 ? "today" : days === 1 ? "yesterday" : `${days} days ago`}
                  {days > OLD_DAYS && <span className="small quiet"> · look for a skin, stir, try it at the side</span>}
                </Table.Td>
                <Table.Td className="number">{leftIn(pot).toFixed(1)}</Table.Td>
                <Table.Td className="small">
                  {pot.uses.map(({ piece, ml, day }) => `${piece || "a piece"}, ${ml} ml on ${day}`).join("; ") || "—"}
                </Table.Td>
                <Table.Td>
                  <ActionIcon variant="subtle" aria-label={`Remove the pot ${pot.name}`} onClick={() => remove(pot.id)}>
                    <IconTrash size={17} />
                  </ActionIcon>
                </Table.Td>
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
    </section>
  );
}
