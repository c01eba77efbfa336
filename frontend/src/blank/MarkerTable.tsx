/** What to draw the guides with on this surface, and how it comes off. */
import type { BlankReport, Piece } from "../api/types";

type Marker = Piece["guides"]["marker"];

interface Props {
  report: BlankReport;
  marker: Marker | null;
  onChange: (marker: Marker | null) => void;
}

const SURFACE: Record<string, string> = { dark: "dark base paint", light: "pale base paint", tile: "glaze" };

export function MarkerTable({ report, marker, onChange }: Props) {
  return (
    <section aria-label="Marker">
      <h2>Marker for {SURFACE[report.surface] ?? report.surface}</h2>
      <table className="plain">
        <thead>
          <tr>
            <th scope="col">Marker</th>
            <th scope="col">Why</th>
            <th scope="col">How it comes off</th>
          </tr>
        </thead>
        <tbody>
          {report.markers.map((one) => (
            <tr key={one.name} className={one.name === marker ? "current" : ""}>
              <td style={{ whiteSpace: "nowrap" }}>
                <label>
                  <input
                    type="radio"
                    name="marker"
                    checked={one.name === marker}
                    onChange={() => onChange(one.name as Marker)}
                  />{" "}
                  {one.name}
                </label>
                {one.suits && <span className="small"> ✓ suits</span>}
              </td>
              <td className="small">{one.why}</td>
              <td className="small">{one.stays ? <strong>does not come off here</strong> : one.off}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="small quiet">
        Common practice. Take lines off only when the paint is dry, and try a marker on the base at the side first.
      </p>
    </section>
  );
}
