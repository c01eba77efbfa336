/** What fits in this trim? Sizes of the kit, or ends for a swipe, and what each would lead to. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import { withChanges } from "../piece/edits";
import type { RowProps } from "./RowEditor";

export function TrimFits({ session, piece, index, row, number }: RowProps & { number: number }) {
  const query = useQuery({
    queryKey: ["trim fits", piece, index, number],
    queryFn: () => need(client.POST("/api/fits/trim", { body: { piece, row: index, trim: number } })),
    placeholderData: (before) => before,
    gcTime: 0,
  });
  if (query.error) return <p className="row-noroom">{query.error.message}</p>;
  if (!query.data) return <p className="small quiet">Reckoning what fits…</p>;
  if (query.data.length === 0) return <p className="small quiet">No dot of the kit is small enough for this trim.</p>;
  return (
    <table className="plain fits" aria-label={`What fits in trim ${number + 1}`}>
      <thead>
        <tr>
          <th scope="col">Trim</th>
          <th scope="col">Made with</th>
          <th scope="col">Gives</th>
          <th scope="col">Then</th>
          <th scope="col">
            <span className="visually-hidden">Choose</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {query.data.map((one) => (
          <tr key={one.label} className={one.current ? "current" : ""}>
            <td>{one.label}</td>
            <td>{one.tool_name}</td>
            <td>{one.dots} dots and marks</td>
            <td>{one.troubles === 0 ? "clear" : `${one.troubles} finding${one.troubles > 1 ? "s" : ""}`}</td>
            <td>
              {one.current ? (
                <span className="small quiet">as it is</span>
              ) : (
                <button
                  type="button"
                  className="chip square"
                  aria-label={`Use ${one.label} in the trim`}
                  onClick={() => session.edit("Use what fits", (now) => withChanges(now, one.changes), row.id)}
                >
                  Use
                </button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
