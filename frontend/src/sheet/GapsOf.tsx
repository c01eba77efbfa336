/** Which rows' gaps are filled: all of them, or those chosen. */
import type { RowProps } from "./props";
import { rowMarks } from "./words";

interface Props extends RowProps {
  rows: string[];
  onChange: (rows: string[]) => void;
}

export function GapsOf({ piece, index, rows, onChange }: Props) {
  const marks = rowMarks(piece.rows);
  return (
    <fieldset className="gaps-of">
      <legend>Gaps of rows {rows.length === 0 && "(all)"}</legend>
      {piece.rows.slice(0, index).map((one, k) => {
        const on = rows.includes(one.id);
        return (
          <button
            key={one.id}
            type="button"
            className="chip square"
            aria-pressed={on}
            aria-label={`Gaps of row ${marks[k]}`}
            onClick={() => onChange(on ? rows.filter((id) => id !== one.id) : [...rows, one.id])}
          >
            {marks[k]}
          </button>
        );
      })}
    </fieldset>
  );
}
