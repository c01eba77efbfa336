/** Where the centre is, and how the outline lies. Candidates stand side by side with what each means. */
import type { Blank, BlankReport } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { lengthText, SUFFIX, useUnits } from "../studio/units";
import type { TryBlank } from "./useTried";

interface Props {
  blank: Blank;
  report: BlankReport | undefined;
  tryBlank: TryBlank;
}

const NAMES: Record<string, string> = {
  middle: "middle of length and width",
  centroid: "centre of gravity",
  inscribed: "centre of the largest circle inside",
  enclosing: "centre of the smallest circle around",
};
const LIES = [
  ["angle", "as measured, turned by"],
  ["longest axis", "longest axis upright"],
  ["symmetry axis", "axis of symmetry upright"],
] as const;

export function CentreFields({ blank, report, tryBlank }: Props) {
  const units = useUnits((state) => state.units);
  const { centre, lie } = blank;
  const say = (mm: number) => lengthText(Math.abs(mm) < 0.005 ? 0 : mm, units, "dot");
  const byHand = () => {
    const now = report?.centre ?? { x: 0, y: 0 };
    tryBlank("Set the centre", { centre: { kind: "point", x: round(now.x), y: round(now.y) } });
  };
  return (
    <section aria-label="Centre">
      <h2>Centre</h2>
      <table className="plain">
        <thead>
          <tr>
            <th scope="col">Centre</th>
            <th scope="col">Right, {SUFFIX[units]}</th>
            <th scope="col">Down</th>
            <th scope="col">Largest whole ring, across</th>
          </tr>
        </thead>
        <tbody>
          {report?.centres.map((one) => (
            <tr key={one.kind} className={one.kind === centre.kind ? "current" : ""}>
              <td>
                <label>
                  <input
                    type="radio"
                    name="centre"
                    checked={one.kind === centre.kind}
                    onChange={() => tryBlank("Choose the centre", { centre: { kind: one.kind } as Blank["centre"] })}
                  />{" "}
                  {NAMES[one.kind]}
                </label>
              </td>
              <td>{say(one.x)}</td>
              <td>{say(one.y)}</td>
              <td>{say(2 * one.whole)}</td>
            </tr>
          ))}
          <tr className={centre.kind === "point" ? "current" : ""}>
            <td>
              <label>
                <input type="radio" name="centre" checked={centre.kind === "point"} onChange={byHand} /> set by hand:
                touch the stone, or type
              </label>
            </td>
            {centre.kind === "point" ? (
              <>
                <td>
                  <Place
                    name="Right"
                    value={centre.x}
                    set={(x) => tryBlank("Set the centre", { centre: { ...centre, x } })}
                  />
                </td>
                <td>
                  <Place
                    name="Down"
                    value={centre.y}
                    set={(y) => tryBlank("Set the centre", { centre: { ...centre, y } })}
                  />
                </td>
                <td>{report && say(2 * report.centre.whole)}</td>
              </>
            ) : (
              <td colSpan={3} />
            )}
          </tr>
        </tbody>
      </table>
      <div className="part-fields" style={{ marginTop: 10 }}>
        <Choice
          name="How it lies"
          titled
          value={lie.kind}
          options={LIES}
          onChange={(kind) => tryBlank("Turn the blank", { lie: kind === "angle" ? { kind, degrees: 0 } : { kind } })}
        />
        {lie.kind === "angle" && (
          <NumberField
            name="Turned by"
            titled
            decimals
            unit="°"
            value={lie.degrees}
            least={-360}
            most={360}
            onChange={(degrees) => tryBlank("Turn the blank", { lie: { kind: "angle", degrees } })}
          />
        )}
      </div>
    </section>
  );
}

function Place({ name, value, set }: { name: string; value: number; set: (mm: number) => void }) {
  return (
    <span style={{ display: "inline-block", width: 92 }}>
      <LengthField name={`Centre, ${name.toLowerCase()}`} value={value} least={-1000} most={1000} onChange={set} />
    </span>
  );
}

function round(mm: number): number {
  return Math.round(mm * 100) / 100;
}
