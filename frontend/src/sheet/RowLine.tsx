/** One row as it is written on the sheet. */
import { memo } from "react";
import { trackOf } from "../api/facts";
import type { Piece, PlanRow, Row, Trim } from "../api/types";
import { columnText, lengthText, spokenText, type Units } from "../studio/units";
import { type RampColours, shadeColour } from "./shades";
import { isDrawn, shadeName, sizeWord } from "./words";

interface Props {
  row: Row;
  index: number;
  mark: string;
  planned: PlanRow | undefined;
  piece: Piece;
  ramps: RampColours;
  units: Units;
  picked: boolean;
  flagged: "serious" | "warning" | null;
  onPick: (index: number) => void;
}

const SHOWN_SHADES = 4;

export const RowLine = memo(function RowLine(props: Props) {
  const { row, index, mark, planned, piece, ramps, units, picked, flagged, onPick } = props;
  const repeats = planned?.repeats ?? "";
  const round = trackOf(row).repeats === "round";
  // Repeats say it where a row runs round; elsewhere the track decides how many there are.
  const count = isDrawn(row)
    ? "line"
    : !round
      ? (planned?.places ?? "")
      : row.pattern.length > 1
        ? `${repeats} × ${row.pattern.length}`
        : repeats;
  const names = row.shades.map((shade) => shadeName(shade, piece)).join(", ");
  return (
    <>
      <button
        type="button"
        className={picked ? "row-line picked" : "row-line"}
        aria-expanded={picked}
        data-row={mark}
        data-index={index}
        tabIndex={picked || index === 0 ? 0 : -1}
        onClick={() => onPick(index)}
      >
        <span className="row-mark">{mark}</span>
        <span className="number">
          {row.fit === "count" && <i>fit </i>}
          {count}
        </span>
        <span className="number">{sizeWord(row, planned, units)}</span>
        <span className="cut">{row.label || planned?.made}</span>
        <span className="row-shades" title={names}>
          {row.shades.slice(0, SHOWN_SHADES).map((shade, k) => (
            <span key={k} className="swatch" style={{ background: shadeColour(shade, piece, ramps) }} />
          ))}
          <span className="cut">{names}</span>
        </span>
        <span>{planned?.begins}</span>
        <span className="number">{columnText(planned?.lies ?? "", units, "distance")}</span>
        <span className="number">{trackOf(row).central ? "" : lengthText(row.gap, units, "dot")}</span>
        <span className={`row-flag ${flagged ?? ""}`}>
          {flagged && (
            <span role="img" aria-label={flagged === "serious" ? "serious finding" : "warning"}>
              {flagged === "serious" ? "▲" : "△"}
            </span>
          )}
        </span>
      </button>
      {row.trims.length > 0 && (
        <TrimLines trims={row.trims as Trim[]} words={planned?.trims ?? []} units={units} picked={picked} />
      )}
    </>
  );
});

interface TrimLinesProps {
  trims: Trim[];
  words: string[];
  units: Units;
  picked: boolean;
}

/** The trims of a row, written under it; trims on trims stand further in. */
function TrimLines({ trims, words, units, picked }: TrimLinesProps) {
  return depths(trims).map((deep, k) => (
    <div key={k} className={picked ? "trim-line picked" : "trim-line"} style={{ paddingLeft: 50 + 18 * deep }}>
      {spokenText(words[k] ?? "", units)}
    </div>
  ));
}

/** How deep each trim sits, in the order in which they stand on the sheet. */
function depths(trims: Trim[], deep = 0): number[] {
  return trims.flatMap((trim) => [deep, ...("trims" in trim ? depths(trim.trims as Trim[], deep + 1) : [])]);
}
