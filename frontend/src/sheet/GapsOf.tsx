/** Which rows' gaps are filled: all of them, or those chosen. */
import { ChipsOf } from "../fields/ChipsOf";
import type { RowProps } from "./props";
import { rowMarks } from "./words";

interface Props extends RowProps {
  rows: string[];
  onChange: (rows: string[]) => void;
}

export function GapsOf({ piece, index, rows, onChange }: Props) {
  const marks = rowMarks(piece.rows);
  const of = piece.rows.slice(0, index).map(({ id }, k) => ({ id, name: marks[k]!, label: `Gaps of row ${marks[k]}` }));
  return <ChipsOf legend="Gaps of rows" none="all" of={of} chosen={rows} onChange={onChange} />;
}
