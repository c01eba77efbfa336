/** The heading over the rows of one centre; that of a motif opens its fields. */
import { IconChevronDown, IconChevronRight } from "@tabler/icons-react";
import { useState } from "react";
import type { Piece, Plan } from "../api/types";
import type { Session } from "../piece/session";
import { MotifFields } from "./MotifFields";
import { motifOf } from "./motifs";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
  /** Null for the piece's own centre. */
  motif: string | null;
}

export function MotifHeading({ session, piece, plan, motif: id }: Props) {
  const [open, setOpen] = useState(false);
  const motif = piece.motifs.find((one) => one.id === id);
  const planned = motifOf(plan, id);
  if (!motif) return <h3 className="row-half">Round the centre of the piece</h3>;
  const places = planned?.places.length ?? 1;
  const Arrow = open ? IconChevronDown : IconChevronRight;
  return (
    <>
      <h3 className="row-half">
        <button type="button" className="motif-name" aria-expanded={open} onClick={() => setOpen(!open)}>
          <Arrow size={14} aria-hidden />
          {motif.name}, at {places} {places === 1 ? "place" : "places"}
        </button>
      </h3>
      {open && planned && <MotifFields session={session} piece={piece} motif={motif} planned={planned} />}
    </>
  );
}
