/** Which of my tools is that? Sizes pasted from somebody's instructions, and the nearest dot of this kit for each. */
import { Button, Modal, Table, Textarea } from "@mantine/core";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { client, need } from "../api/client";
import type { Kit } from "../api/types";
import { percent } from "../parts/NearestTools";
import { spokenLength, type Units, useUnits } from "../studio/units";

interface Props {
  kit: Kit;
  onClose: () => void;
  onOpen: (tool: string) => void;
}

export function WhichTool({ kit, onClose, onOpen }: Props) {
  const [text, setText] = useState("");
  const units = useUnits((state) => state.units);
  const asked = useMutation({
    mutationFn: () => need(client.POST("/api/kit/sizes", { body: { kit, text } })),
  });
  const nameOf = (id: string) => kit.tools.find((tool) => tool.id === id)?.name ?? id;
  return (
    <Modal
      opened
      onClose={onClose}
      title="Which of my tools is that?"
      size={720}
      closeButtonProps={{ "aria-label": "Close the sizes" }}
    >
      <p className="small quiet">
        Paste the sizes that instructions ask for: millimetres, or inches as fractions. Numbers without a unit are taken
        as millimetres. A whole design is held against your kit in its piece, under Tools.
      </p>
      <Textarea
        label="Sizes"
        autosize
        minRows={3}
        maxRows={8}
        maxLength={5000}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        data-autofocus
      />
      <Button mt={8} size="xs" onClick={() => asked.mutate()} loading={asked.isPending} disabled={!text.trim()}>
        Find the nearest
      </Button>
      {asked.error && (
        <p className="blank-wrong" role="alert">
          {asked.error.message}
        </p>
      )}
      {asked.data?.length === 0 && <p className="small quiet">There is no size in this text.</p>}
      {asked.data && asked.data.length > 0 && (
        <Table className="mixing" aria-label="The nearest tools">
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">Asked for</Table.Th>
              <Table.Th scope="col">Mine</Table.Th>
              <Table.Th scope="col" className="number">
                Difference
              </Table.Th>
              <Table.Th scope="col">Does a ring of them close?</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {asked.data.map((one, k) => (
              <Table.Tr key={k}>
                <Table.Td>
                  {one.written} <span className="small quiet">({spokenLength(one.size, units)})</span>
                </Table.Td>
                <Table.Td>
                  <button
                    type="button"
                    className="chip one-line"
                    onClick={() => {
                      onClose();
                      onOpen(one.tool);
                    }}
                  >
                    {nameOf(one.tool)}, {spokenLength(one.dot, units)}
                  </button>
                </Table.Td>
                <Table.Td className="number">{percent(one.off)}</Table.Td>
                <Table.Td className="small">{closing(one.dot - one.size, units)}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </Modal>
  );
}

const SEEN = 0.005; // mm: less is nothing that a hand could set

/** Dots that stay where they are: every gap of a ring is narrower by what each dot is wider. */
function closing(wider: number, units: Units): string {
  if (Math.abs(wider) < SEEN) return "as it is";
  if (wider < 0) return `yes; its gaps are ${spokenLength(-wider, units)} wider`;
  return `where its gaps are more than ${spokenLength(wider, units)}; else with fewer dots`;
}
