/** Which gaps are filled, and with what. */
import type { Track } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField } from "../studio/LengthField";
import type { RowProps } from "./props";

const FILLS = [
  ["largest", "the largest that fits"],
  ["one size", "this size only"],
] as const;

type GapsTrack = Extract<Track, { kind: "gaps" }>;

export function GapFields({ track, set, ...props }: RowProps & { track: GapsTrack; set: (track: Track) => void }) {
  return (
    <>
      <Choice
        width={160}
        name="Fill with"
        titled
        value={track.sizes}
        options={FILLS}
        onChange={(sizes) => set({ ...track, sizes })}
      />

      <LengthField
        width={88}
        name="Smallest"
        titled
        value={track.least}
        least={0.2}
        most={60}
        onChange={(least) => set({ ...track, least })}
      />
      <GapsOf {...props} rows={track.rows} onChange={(rows) => set({ ...track, rows })} />
    </>
  );
}

/** Which rows' gaps are filled: all of them, or those chosen. */
function GapsOf({ piece, row, rows, onChange }: RowProps & { rows: string[]; onChange: (rows: string[]) => void }) {
  const before = piece.rows.slice(
    0,
    piece.rows.findIndex((one) => one.id === row.id),
  );
  let number = 0;
  return (
    <fieldset className="gaps-of">
      <legend>Gaps of rows {rows.length === 0 && "(all)"}</legend>
      {before.map((one) => {
        const mark = one.track.kind === "centre" ? "C" : `${++number}`;
        const on = rows.includes(one.id);
        return (
          <button
            key={one.id}
            type="button"
            className="chip square"
            aria-pressed={on}
            aria-label={`Gaps of row ${mark}`}
            onClick={() => onChange(on ? rows.filter((id) => id !== one.id) : [...rows, one.id])}
          >
            {mark}
          </button>
        );
      })}
    </fieldset>
  );
}
