/** Which of my tools is that? Sizes pasted from somebody's instructions, and the nearest dot of this kit for each. */
import { Button, Modal, Table, Textarea } from "@mantine/core";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { client, need } from "../api/client";
import type { Kit } from "../api/types";
import { spokenLength, useUnits } from "../studio/units";

interface Props {
  kit: Kit;
  onClose: () => void;
  onOpen: (tool: string) => void;
}

const FAR = 0.1; // a difference that changes how a ring closes

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
      size={620}
      closeButtonProps={{ "aria-label": "Close the sizes" }}
    >
      <p className="small quiet">
        Paste the sizes that instructions ask for: millimetres, or inches as fractions. Numbers without a unit are taken
        as millimetres.
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
                    className="chip"
                    onClick={() => {
                      onClose();
                      onOpen(one.tool);
                    }}
                  >
                    {nameOf(one.tool)}, {spokenLength(one.dot, units)}
                  </button>
                </Table.Td>
                <Table.Td className="number">
                  {one.off >= 0 ? "+" : "−"}
                  {Math.abs(100 * one.off).toFixed(0)} %
                  {Math.abs(one.off) > FAR && <div className="small quiet">fewer or more dots close that ring</div>}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </Modal>
  );
}
