/** For each ring on a curved blank: what fits in truth, and what a flat reckoning would have promised. */
import type { BlankReport } from "../api/types";
import { lengthText, SUFFIX, useUnits } from "../studio/units";

export function RingTable({ rings }: { rings: BlankReport["rings"] }) {
  const units = useUnits((state) => state.units);
  return (
    <section aria-label="Flat and true">
      <h2>What a flat reckoning would get wrong</h2>
      <table className="plain" aria-label="Rings reckoned flat and in truth">
        <thead>
          <tr>
            <th scope="col">Row</th>
            <th scope="col">Walk, {SUFFIX[units]}</th>
            <th scope="col">Seen from above</th>
            <th scope="col">Dots</th>
            <th scope="col">Room for</th>
            <th scope="col">Reckoned flat</th>
            <th scope="col">Wrong by</th>
          </tr>
        </thead>
        <tbody>
          {rings.map((ring) => (
            <tr key={ring.mark}>
              <td>{ring.mark}</td>
              <td>{lengthText(ring.walk, units, "dot")}</td>
              <td>{lengthText(ring.reach, units, "dot")}</td>
              <td>{ring.dots}</td>
              <td>{ring.fit}</td>
              <td>{ring.flat}</td>
              <td>{ring.flat - ring.fit || "–"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
