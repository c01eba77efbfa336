/** The picked row, open for editing: every rule of it can be typed or chosen. */
import { ActionIcon, Button, Tooltip } from "@mantine/core";
import { IconArrowDown, IconArrowUp, IconCopy, IconRowInsertBottom, IconTrash } from "@tabler/icons-react";
import { useState } from "react";
import { trackOf } from "../api/facts";
import type { Plan } from "../api/types";
import { copied, freshId, withoutRows, withRow, withRowAt, withRowMoved } from "../piece/edits";
import type { Session } from "../piece/session";
import { lengthText, SUFFIX, spokenLength, spokenText, type Units, useUnits } from "../studio/units";
import { type Answer, Asked } from "./Asked";
import { DistanceFields } from "./DistanceFields";
import { dotsOfRow } from "./dotPlaces";
import { FitsTable } from "./FitsTable";
import { OfferedTable } from "./OfferedTable";
import { OwnCentre } from "./OwnCentre";
import { PatternFields } from "./PatternFields";
import { PlaceFields } from "./PlaceFields";
import type { RowProps } from "./props";
import { ShadeFields } from "./ShadeFields";
import { TrackFields } from "./TrackFields";
import { Trims } from "./Trims";
import { isDrawn, spokenMark } from "./words";

/** What was found for petals that meet. */
function met({ diameters, trims, remainder }: Plan["rows"][number], units: Units): string {
  const host = lengthText(diameters[0] ?? 0, units, "dot");
  const petal = spokenText(trims[0] ?? "", units);
  const left = spokenLength(remainder ?? 0, units);
  const found = `The petals meet: dots of ${host} ${SUFFIX[units]}, ${petal}; ${left} is left to what lies inside.`;
  return `${found} Sizes typed for dot and petal count again once another distance is chosen.`;
}

interface Props extends RowProps {
  circles: Plan["circles"];
}

export function RowEditor(props: Props) {
  const { session, piece, row, index, mark, planned } = props;
  const [asked, setAsked] = useState<Answer | null>(null);
  const units = useUnits((state) => state.units);
  const name = mark === "C" ? "centre" : spokenMark(mark);
  const { central, centred } = trackOf(row);
  const moves = centred && piece.motifs.length > 0;
  return (
    <fieldset className="row-editor" aria-label={`Edit ${name}`}>
      {planned?.noroom && <p className="row-noroom">No room: {spokenText(planned.noroom, units)}.</p>}
      {planned?.remainder != null && <p className="row-met">{met(planned, units)}</p>}
      {row.painted && <OnThePiece {...props} />}
      {!row.painted && <PatternFields {...props} />}
      {!row.painted && (moves || !central) && (
        <div className="row-fields">
          {moves && <OwnCentre {...props} />}
          {!central && <TrackFields {...props} />}
          {!central && <PlaceFields {...props} />}
          {!central && <DistanceFields {...props} />}
        </div>
      )}
      <ShadeFields {...props} />
      {!isDrawn(row) && <Trims {...props} />}
      <div className="row-actions">
        {!isDrawn(row) && !row.painted && (
          <>
            <Asked words="What fits here?" of="fits" asked={asked} onAsk={setAsked} />
            <Asked words="What do my tools make?" of="tools" asked={asked} onAsk={setAsked} />
          </>
        )}
        <span className="grow" />
        <Move {...props} by={-1} />
        <Move {...props} by={1} />
        <Tooltip label="Add a row below">
          <ActionIcon
            variant="subtle"
            aria-label={`Add a row below ${name}`}
            onClick={() => void session.addRowBelow(index)}
          >
            <IconRowInsertBottom size={17} />
          </ActionIcon>
        </Tooltip>
        <Tooltip label="Copy below">
          <ActionIcon variant="subtle" aria-label={`Copy ${name}`} onClick={() => copyRow(session, index)}>
            <IconCopy size={17} />
          </ActionIcon>
        </Tooltip>
        <Tooltip label="Remove (Delete)">
          <ActionIcon
            variant="subtle"
            aria-label={`Remove ${name}`}
            disabled={row.painted !== null}
            onClick={() => removeRow(session, index)}
          >
            <IconTrash size={17} />
          </ActionIcon>
        </Tooltip>
      </div>
      {asked === "fits" && !row.painted && <FitsTable {...props} />}
      {asked === "tools" && !row.painted && !isDrawn(row) && (
        <OfferedTable {...props} of={`row ${mark}`} places={dotsOfRow(row)} />
      )}
    </fieldset>
  );
}

/** What is painted stays as it is; what can be changed of it, and how to plan it again. */
function OnThePiece({ session, index, row }: RowProps) {
  const measured = row.painted!.parts.some((part) => part.measured.length > 0);
  const again = () =>
    session.edit("Plan a painted row again", (piece) => withRow(piece, index, { painted: null }), row.id);
  return (
    <div className="row-painted" role="note">
      <p>
        This row is on the piece{measured && ", with dots as they were measured there"}: what is painted stays, and
        later rows go by it. Shades can be put right, and trims that were not begun can be changed.
      </p>
      <Button size="xs" variant="default" onClick={again}>
        It was wiped off: plan it again
      </Button>
    </div>
  );
}

function Move({ session, piece, index, mark, by }: RowProps & { by: -1 | 1 }) {
  const words = by < 0 ? "Move inward (Alt+Up)" : "Move outward (Alt+Down)";
  const Icon = by < 0 ? IconArrowUp : IconArrowDown;
  return (
    <Tooltip label={words}>
      <ActionIcon
        variant="subtle"
        aria-label={`${words.split(" (")[0]}: ${mark}`}
        disabled={!piece.rows[index + by]}
        onClick={() => moveRow(session, index, by)}
      >
        <Icon size={17} />
      </ActionIcon>
    </Tooltip>
  );
}

export function moveRow(session: Session, index: number, by: -1 | 1): void {
  if (!session.piece?.rows[index + by]) return;
  session.edit("Move a row", (piece) => withRowMoved(piece, index, by));
  session.pick(index + by);
}

export function removeRow(session: Session, index: number): void {
  if (session.piece?.rows[index]?.painted) return;
  const last = (session.piece?.rows.length ?? 0) - 2;
  session.edit("Remove a row", (piece) =>
    withoutRows(piece, new Set(piece.rows.slice(index, index + 1).map(({ id }) => id))),
  );
  session.pick(last < 0 ? null : Math.min(index, last));
}

export function copyRow(session: Session, index: number): void {
  session.edit("Copy a row", (piece) => {
    const row = piece.rows[index];
    return row ? withRowAt(piece, index + 1, copied(row, freshId("row", piece.rows))) : null;
  });
  session.pick(index + 1);
}
