/** The strip over a piece: its name, undo and redo, whether all is saved, and the ways to the steps, to paper and to the history. */
import { ActionIcon, Button, Tooltip } from "@mantine/core";
import { IconArrowBackUp, IconArrowForwardUp, IconHistory, IconListCheck, IconPrinter } from "@tabler/icons-react";
import { Link } from "wouter";
import { useStore } from "zustand";
import { fieldsOf } from "../api/facts";
import type { Kit, Piece, Shelf } from "../api/types";
import { TextField } from "../studio/TextField";
import type { Ledger } from "./ledger";
import type { Session } from "./session";

export function Strip({ session, piece }: { session: Session; piece: Piece }) {
  const { ident } = session.ledger;
  return (
    <>
      <Link href="/" className="plainlink">
        Bench
      </Link>
      <span className="piece-name">
        <TextField
          name="Name of the piece"
          value={piece.name}
          most={fieldsOf("Piece").name?.longest}
          onChange={(name) => session.edit("Rename the piece", (now) => ({ ...now, name }))}
        />
      </span>
      <UndoRedo ledger={session.ledger} />
      <Saved ledger={session.ledger} />
      <span className="grow" />
      <Button
        component={Link}
        href={`/piece/${ident}/history`}
        variant="subtle"
        leftSection={<IconHistory size={17} />}
      >
        History
      </Button>
      <Button
        component={Link}
        href={`/piece/${ident}/steps`}
        variant="subtle"
        leftSection={<IconListCheck size={17} />}
      >
        Steps
      </Button>
      <Button component={Link} href={`/piece/${ident}/print`} leftSection={<IconPrinter size={17} />}>
        Print
      </Button>
    </>
  );
}

export function UndoRedo<T extends Piece | Kit | Shelf>({ ledger }: { ledger: Ledger<T> }) {
  const place = useStore(ledger.store, (state) => state.place);
  const undo = place?.undo ? `Undo: ${place.undo}` : "Nothing to undo";
  const redo = place?.redo ? `Redo: ${place.redo}` : "Nothing to redo";
  return (
    <>
      <Tooltip label={undo}>
        <ActionIcon
          variant="subtle"
          color="gray"
          aria-label={undo}
          disabled={!place?.undo}
          onClick={() => void ledger.undo()}
        >
          <IconArrowBackUp size={20} />
        </ActionIcon>
      </Tooltip>
      <Tooltip label={redo}>
        <ActionIcon
          variant="subtle"
          color="gray"
          aria-label={redo}
          disabled={!place?.redo}
          onClick={() => void ledger.redo()}
        >
          <IconArrowForwardUp size={20} />
        </ActionIcon>
      </Tooltip>
    </>
  );
}

const WORDS = {
  saved: "Saved",
  saving: "Saving…",
  waiting: "Saved in this browser; the server does not answer",
  delayed: "Saved in this browser; the server cannot take it yet",
  held: "Not saved yet: keep this page open",
} as const;

export function Saved<T extends Piece | Kit | Shelf>({ ledger }: { ledger: Ledger<T> }) {
  const saving = useStore(ledger.store, (state) =>
    state.saving === "saved" && state.asking > 0 ? "saving" : state.saving,
  );
  return (
    <span className={saving === "saved" || saving === "saving" ? "saved" : "saved waiting"} role="status">
      {WORDS[saving]}
    </span>
  );
}
