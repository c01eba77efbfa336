/** A piece on the Bench whose present state cannot be read: why, and what can be done. */
import { Button } from "@mantine/core";
import { IconAlertTriangle } from "@tabler/icons-react";
import { useQueryClient } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Damaged } from "../api/types";
import { tell, tellProblem } from "../studio/notice";

export function DamagedPiece({ piece }: { piece: Damaged }) {
  const queries = useQueryClient();
  const mend = async () => {
    try {
      await need(client.POST("/api/pieces/{ident}/mend", { params: { path: { ident: piece.id } } }));
      await queries.invalidateQueries({ queryKey: ["pieces"] });
      tell(`“${piece.name}” was taken back to its newest state that can be read.`);
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <li className="bench-piece damaged">
      <IconAlertTriangle size={28} aria-hidden="true" />
      <strong>{piece.name}</strong>
      <p role="alert">{piece.damaged} Nothing of it was changed.</p>
      <Button size="xs" variant="light" onClick={() => void mend()}>
        Take it back to an earlier state
      </Button>
      <Button size="xs" variant="default" component="a" href={`/api/pieces/${piece.id}/raw`} download>
        Save what is left as a file
      </Button>
    </li>
  );
}
