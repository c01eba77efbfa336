/** Which rows a sheet shows. */
import type { Piece } from "../api/types";
import { capital, rowMarks, spokenMark } from "../sheet/words";

interface Props {
  piece: Piece;
  /** Places of the rows chosen; null means all. */
  value: number[] | null;
  onChange: (rows: number[] | null) => void;
}

export function RowTicks({ piece, value, onChange }: Props) {
  const all = piece.rows.map((_, place) => place);
  const chosen = value ?? all;
  const marks = rowMarks(piece.rows);
  const toggle = (place: number) => {
    const next = chosen.includes(place)
      ? chosen.filter((one) => one !== place)
      : [...chosen, place].sort((a, b) => a - b);
    onChange(next.length === all.length ? null : next);
  };
  return (
    <fieldset className="print-rows">
      <legend className="small quiet">Rows shown</legend>
      <div className="chips">
        {marks.map((mark, place) => (
          <button
            key={piece.rows[place]!.id}
            type="button"
            className="chip square"
            aria-pressed={chosen.includes(place)}
            aria-label={capital(spokenMark(mark))}
            onClick={() => toggle(place)}
          >
            {mark}
          </button>
        ))}
        <button
          type="button"
          className="chip square"
          aria-pressed={value === null}
          onClick={() => onChange(value ? null : [])}
        >
          all
        </button>
      </div>
    </fieldset>
  );
}
