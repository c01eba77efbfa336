/** Changes the studio refused: each with its sentence, and what can be done with it. Hidden while there are none. */
import { Button, Modal } from "@mantine/core";
import { IconAlertTriangle } from "@tabler/icons-react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { client, keepFile, need } from "../api/client";
import type { Piece } from "../api/types";
import { tell, tellProblem } from "../studio/notice";
import type { SetAside as Aside } from "./database";
import { letGo } from "./records";
import "./keeping.css";
import { useSetAside } from "./useSetAside";

const STOCK: Record<string, string> = { kit: "Kit", shelf: "Shelf" };

export function SetAside() {
  const found = useSetAside();
  const [open, setOpen] = useState(false);
  if (found.length === 0) return null;
  const words = found.length === 1 ? "1 change set aside" : `${found.length} changes set aside`;
  return (
    <>
      <Button size="xs" variant="default" leftSection={<IconAlertTriangle size={15} />} onClick={() => setOpen(true)}>
        {words}
      </Button>
      <Modal opened={open} onClose={() => setOpen(false)} title={words} size="lg">
        <p className="aside-lead">
          The studio did not take these changes. Each is kept in this browser, as the whole piece after the change,
          until you throw it away.
        </p>
        <ul className="aside-list">
          {found.map((one) => (
            <OneAside key={one.edit.id} one={one} />
          ))}
        </ul>
      </Modal>
    </>
  );
}

function OneAside({ one }: { one: Aside }) {
  const [sure, setSure] = useState(false);
  const queries = useQueryClient();
  const { document, label } = one.edit;
  const piece = "rows" in document ? (document as Piece) : null;
  const name = piece?.name ?? STOCK[one.ident] ?? one.ident;
  const separate = async () => {
    try {
      await need(client.POST("/api/pieces", { body: { piece: piece!, label } }));
      await letGo(one.edit.id);
      await queries.invalidateQueries({ queryKey: ["pieces"] });
      tell(`${name} is on the Bench as a piece of its own.`);
    } catch (cause) {
      tellProblem(cause);
    }
  };
  const file = () =>
    keepFile(new Blob([JSON.stringify(document, null, 2)], { type: "application/json" }), `${name}.json`);
  return (
    <li>
      <strong>{name}</strong>: {label}
      <span className="aside-when">{new Date(one.at).toLocaleString()}</span>
      <p>{one.reason}</p>
      <div className="aside-acts">
        {piece && (
          <Button size="xs" variant="light" onClick={() => void separate()}>
            Make it a piece of its own
          </Button>
        )}
        <Button size="xs" variant="default" onClick={file}>
          Save as a file
        </Button>
        <Button
          size="xs"
          variant="subtle"
          color="red"
          onClick={() => (sure ? void letGo(one.edit.id).catch(tellProblem) : setSure(true))}
        >
          {sure ? "Throw away for good" : "Throw away"}
        </Button>
      </div>
    </li>
  );
}
