/** What fits here? Alternatives reckoned from the kit's own dot sizes. */
import { client, need } from "../api/client";
import type { Alternative } from "../api/types";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import { ChooseHead, Fits, UseCell } from "./Fits";
import type { RowProps } from "./props";

export function FitsTable({ session, piece, row, index, mark }: RowProps) {
  const units = useUnits((state) => state.units);
  const ring = row.track.kind !== "centre";
  return (
    <Fits
      queryKey={["fits", piece, index]}
      ask={() => need(client.POST("/api/fits", { body: { piece, row: index } }))}
      none="No size of the kit fits here with this gap. Try a smaller gap or another distance."
    >
      {(found) => (
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
                <ChooseHead />
              </tr>
            </thead>
            <tbody>
              {found.map((one) => (
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
                  <UseCell
                    session={session}
                    row={row}
                    one={one}
                    name={`Use ${one.repeats} of ${lengthText(one.diameter, units, "dot")}`}
                  />
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </Fits>
  );
}

function outcome(one: Alternative, left: (mm: number) => string): string {
  if (one.lost > 0) return `${one.lost} row${one.lost > 1 ? "s" : ""} without room`;
  return one.left < -1e-6 ? "over the border" : left(Math.max(one.left, 0));
}
