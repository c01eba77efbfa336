/** What to draw the guides with on this surface, and how it comes off. */
import { Table } from "@mantine/core";
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
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">Marker</Table.Th>
            <Table.Th scope="col">Why</Table.Th>
            <Table.Th scope="col">How it comes off</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {report.markers.map((one) => (
            <Table.Tr key={one.name} className={one.name === marker ? "current" : ""}>
              <Table.Td style={{ whiteSpace: "nowrap" }}>
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
              </Table.Td>
              <Table.Td className="small">{one.why}</Table.Td>
              <Table.Td className="small">{one.stays ? <strong>does not come off here</strong> : one.off}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p className="small quiet">
        Common practice. Take lines off only when the paint is dry, and try a marker on the base at the side first.
      </p>
    </section>
  );
}
