/** Which centre a row stands round: the piece's own, or that of a motif. */
import type { Row } from "../api/types";
import { Choice } from "../studio/Choice";
import { changeRow, type RowProps } from "./props";

export function OwnCentre(props: RowProps) {
  const { row, piece } = props;
  const move = (id: string) => {
    const guided = row.distance.kind === "guide" && id;
    const distance: Row["distance"] = guided ? { kind: "nested" } : row.distance;
    changeRow(props, "Choose the centre", { motif: id || null, distance, half: id ? "front" : row.half });
  };
  return (
    <Choice
      width={150}
      name="Stands round"
      titled
      value={row.motif ?? ""}
      options={[["", "the piece's centre"], ...piece.motifs.map(({ id, name }) => [id, name] as const)]}
      onChange={move}
    />
  );
}
