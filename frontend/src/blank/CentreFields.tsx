/** Where the centre is, and how the outline lies. Candidates stand side by side with what each means. */
import { Table } from "@mantine/core";
import { fieldsOf, wordsOf } from "../api/facts";
import type { Blank, BlankReport } from "../api/types";
import { type Rule, VariantFields } from "../fields/KindFields";
import { RuleField } from "../fields/RuleField";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import type { TryBlank } from "./useTried";

interface Props {
  blank: Blank;
  report: BlankReport | undefined;
  tryBlank: TryBlank;
}

const NAMES = Object.fromEntries(wordsOf("NamedCentre", "kind"));
const POINT = fieldsOf("SetCentre");

export function CentreFields({ blank, report, tryBlank }: Props) {
  const units = useUnits((state) => state.units);
  const { centre, lie } = blank;
  const say = (mm: number) => lengthText(Math.abs(mm) < 0.005 ? 0 : mm, units, "dot");
  const byHand = () => {
    const now = report?.centre ?? { x: 0, y: 0 };
    tryBlank("Set the centre", { centre: { kind: "point", x: round(now.x), y: round(now.y) } });
  };
  const place = (part: { x: number } | { y: number }) =>
    tryBlank("Set the centre", (now) => ({ centre: { ...now.centre, ...part } as Blank["centre"] }));
  return (
    <section aria-label="Centre">
      <h2>Centre</h2>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">Centre</Table.Th>
            <Table.Th scope="col">Right, {SUFFIX[units]}</Table.Th>
            <Table.Th scope="col">Down</Table.Th>
            <Table.Th scope="col">Largest whole ring, across</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {report?.centres.map((one) => (
            <Table.Tr key={one.kind} className={one.kind === centre.kind ? "current" : ""}>
              <Table.Td>
                <label>
                  <input
                    type="radio"
                    name="centre"
                    checked={one.kind === centre.kind}
                    onChange={() => tryBlank("Choose the centre", { centre: { kind: one.kind } as Blank["centre"] })}
                  />{" "}
                  {NAMES[one.kind]}
                </label>
              </Table.Td>
              <Table.Td>{say(one.x)}</Table.Td>
              <Table.Td>{say(one.y)}</Table.Td>
              <Table.Td>{say(2 * one.whole)}</Table.Td>
            </Table.Tr>
          ))}
          <Table.Tr className={centre.kind === "point" ? "current" : ""}>
            <Table.Td>
              <label>
                <input type="radio" name="centre" checked={centre.kind === "point"} onChange={byHand} /> set by hand:
                touch the stone, or type
              </label>
            </Table.Td>
            {centre.kind === "point" ? (
              <>
                <Table.Td>
                  <Place field="x" value={centre.x} set={(x) => place({ x })} />
                </Table.Td>
                <Table.Td>
                  <Place field="y" value={centre.y} set={(y) => place({ y })} />
                </Table.Td>
                <Table.Td>{report && say(2 * report.centre.whole)}</Table.Td>
              </>
            ) : (
              <Table.Td colSpan={3} />
            )}
          </Table.Tr>
        </Table.Tbody>
      </Table>
      <div className="part-fields" style={{ marginTop: 10 }}>
        <VariantFields
          fact={fieldsOf("Blank").lie!}
          value={lie as Rule}
          set={(change) => tryBlank("Turn the blank", (now) => ({ lie: change(now.lie as Rule) as Blank["lie"] }))}
          near={0}
        />
      </div>
    </section>
  );
}

function Place({ field, value, set }: { field: "x" | "y"; value: number; set: (mm: number) => void }) {
  return <RuleField fact={POINT[field]!} titled={false} width={92} value={value} set={(mm) => set(mm as number)} />;
}

function round(mm: number): number {
  return Math.round(mm * 100) / 100;
}
