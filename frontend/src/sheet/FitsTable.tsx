/** What fits here? Alternatives reckoned from the kit's own dot sizes. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Alternative } from "../api/types";
import { withChanges } from "../piece/edits";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import type { RowProps } from "./RowEditor";

export function FitsTable({ session, piece, row, index, mark }: RowProps) {
  const units = useUnits((state) => state.units);
  const query = useQuery({
    queryKey: ["fits", piece, index],
    queryFn: () => need(client.POST("/api/fits", { body: { piece, row: index } })),
    placeholderData: (before) => before,
    gcTime: 0,
  });
  if (query.error) return <p className="row-noroom">{query.error.message}</p>;
  if (!query.data) return <p className="small quiet">Reckoning what fits…</p>;
  if (query.data.length === 0)
    return (
      <p className="small quiet">No size of the kit fits here with this gap. Try a smaller gap or another distance.</p>
    );
  const use = (alternative: Alternative) =>
    session.edit("Use what fits", (now) => withChanges(now, alternative.changes), row.id);
  const ring = row.track.kind !== "centre";
  return (
    <div className="fits" ref={(element) => element?.scrollIntoView({ block: "nearest" })}>
      <table className="plain" aria-label={`What fits in row ${mark}, lengths in ${SUFFIX[units]}`}>
        <thead>
          <tr>
            {ring && <th scope="col">Repeats</th>}
            <th scope="col">Dot, {SUFFIX[units]}</th>
            <th scope="col">Made with</th>
            {ring && <th scope="col">At</th>}
            {ring && <th scope="col">Gap</th>}
            <th scope="col">Then</th>
            <th scope="col">
              <span className="visually-hidden">Choose</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {query.data.map((one) => (
            <tr key={`${one.repeats} ${one.member} ${one.diameter}`} className={one.current ? "current" : ""}>
              {ring && <td>{one.repeats}</td>}
              <td>
                {lengthText(one.diameter, units, "dot")}
                {row.pattern.length > 1 && <span className="quiet"> (dot {one.member + 1})</span>}
              </td>
              <td>{one.tool_name}</td>
              {ring && <td>{lengthText(one.walk, units, "distance")}</td>}
              {ring && <td>{one.clear === null ? "" : lengthText(one.clear, units, "dot")}</td>}
              <td>{outcome(one, (mm) => `${lengthText(mm, units, "dot")} left`)}</td>
              <td>
                {one.current ? (
                  <span className="small quiet">as it is</span>
                ) : (
                  <button
                    type="button"
                    className="chip square"
                    aria-label={`Use ${one.repeats} of ${lengthText(one.diameter, units, "dot")}`}
                    onClick={() => use(one)}
                  >
                    Use
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function outcome(one: Alternative, left: (mm: number) => string): string {
  if (one.lost > 0) return `${one.lost} row${one.lost > 1 ? "s" : ""} without room`;
  return one.left < -1e-6 ? "over the border" : left(Math.max(one.left, 0));
}
