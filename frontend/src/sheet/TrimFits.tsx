/** What fits in this trim? Sizes of the kit, or ends for a swipe, and what each would lead to. */
import { client, need } from "../api/client";
import { ChooseHead, Fits, UseCell } from "./Fits";
import type { RowProps } from "./props";

export function TrimFits({ session, piece, index, row, number }: RowProps & { number: number }) {
  return (
    <Fits
      queryKey={["trim fits", piece, index, number]}
      ask={() => need(client.POST("/api/fits/trim", { body: { piece, row: index, trim: number } }))}
      none="No dot of the kit is small enough for this trim."
    >
      {(found) => (
        <table className="plain fits" aria-label={`What fits in trim ${number + 1}`}>
          <thead>
            <tr>
              <th scope="col">Trim</th>
              <th scope="col">Made with</th>
              <th scope="col">Gives</th>
              <th scope="col">Then</th>
              <ChooseHead />
            </tr>
          </thead>
          <tbody>
            {found.map((one) => (
              <tr key={one.label} className={one.current ? "current" : ""}>
                <td>{one.label}</td>
                <td>{one.tool_name}</td>
                <td>{one.dots} dots and marks</td>
                <td>{one.troubles === 0 ? "clear" : `${one.troubles} finding${one.troubles > 1 ? "s" : ""}`}</td>
                <UseCell session={session} row={row} one={one} name={`Use ${one.label} in the trim`} />
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Fits>
  );
}
