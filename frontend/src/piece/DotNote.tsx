/** What is said of a dot that is pointed at: its row, tool, shade and distance. */
import type { Piece, Plan } from "../api/types";
import { capital, spokenMark } from "../sheet/words";
import { walkOf } from "../spoke/walk";
import { spokenLength, spokenText, useUnits } from "../studio/units";

export function DotNote({ piece, plan, dot }: { piece: Piece; plan: Plan; dot: number }) {
  const units = useUnits((state) => state.units);
  const { dots } = plan;
  const planned = plan.rows[dots.row[dot]!];
  if (!planned) return null;
  const inMotif = piece.rows[dots.row[dot]!]?.motif != null;
  const trim = planned.trims[dots.trim[dot]!];
  const tool = piece.tools[dots.tool[dot]!]?.name ?? "a free size";
  const words = [
    spokenLength(2 * dots.r[dot]!, units),
    ...(trim ? [spokenText(trim, units)] : []),
    tool,
    plan.shades[dots.shade[dot]!]?.name,
    inMotif
      ? `its row ${spokenLength(planned.walk, units, "distance")} from its own centre`
      : `${spokenLength(walkOf(plan, dot), units, "distance")} from the centre`,
    `painted ${dots.hand[dot]! + 1} of ${planned.painted}`,
  ];
  return (
    <span className="figures">
      <strong>{planned.mark === "C" ? "Centre" : capital(spokenMark(planned.mark))}</strong>, {words.join(", ")}
    </span>
  );
}
