/** Where a row's dots go: start, gap, half and spacing. */
import { fieldsOf, trackOf, wordsOf } from "../api/facts";
import type { Row } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { Choice } from "../studio/Choice";
import { changeRow, type RowProps } from "./props";
import { isDrawn } from "./words";

const FACTS = fieldsOf("Row");
type Twice = NonNullable<Row["mirrored"]> | null;
const OFF: Twice = { kind: "distance", mm: 3 }; // where pairs begin, to be typed over

export function PlaceFields(props: RowProps) {
  const { row, planned, piece } = props;
  const { starts, fills, swept, pairs } = trackOf(row);
  if (starts.length === 0 && !fills && !swept) return null;
  const setStart = (kind: Row["start"]["kind"]) => {
    const degrees = Math.round(((planned?.start ?? 0) - piece.turn) * 100) / 100;
    changeRow(props, "Set the start", { start: kind === "angle" ? { kind, degrees } : { kind } });
  };
  const drawn = isDrawn(row);
  const mayBeTwice = pairs && !drawn;
  const twice = row.mirrored as Twice;
  const aside: Twice = { kind: "angle", degrees: Math.min(5, Math.floor(180 / (planned?.repeats || 12)) / 2) };
  const setTwice = (mirrored: Twice) =>
    changeRow(props, mirrored ? "Set every place twice" : "Set every place once", { mirrored });
  const words = wordsOf<Row["start"]["kind"]>("Row", "start").filter(([kind]) => starts.includes(kind));
  return (
    <>
      {words.length > 0 && !drawn && (
        <Choice
          width={FACTS.start?.wide}
          name="Start"
          titled
          value={row.start.kind}
          options={words}
          onChange={setStart}
        />
      )}
      {row.start.kind === "angle" && !drawn && starts.includes("angle") && (
        <RuleField
          fact={fieldsOf("AtAngle").degrees!}
          value={row.start.degrees}
          set={(degrees) => changeRow(props, "Set the start", { start: { kind: "angle", degrees: degrees as number } })}
        />
      )}
      {mayBeTwice && (
        <Choice
          width={FACTS.mirrored?.wide}
          name={FACTS.mirrored?.name ?? ""}
          titled
          value={twice?.kind ?? ""}
          options={[["", FACTS.mirrored?.none ?? ""], ...(FACTS.mirrored?.words ?? [])]}
          onChange={(kind) => setTwice(kind === "angle" ? aside : kind === "distance" ? OFF : null)}
        />
      )}
      {mayBeTwice && twice?.kind === "angle" && (
        <RuleField
          fact={fieldsOf("ByAngle").degrees!}
          value={twice.degrees}
          set={(degrees) => setTwice({ kind: "angle", degrees: degrees as number })}
        />
      )}
      {mayBeTwice && twice?.kind === "distance" && (
        <RuleField
          fact={fieldsOf("ByDistance").mm!}
          value={twice.mm}
          set={(mm) => setTwice({ kind: "distance", mm: mm as number })}
        />
      )}
      <RuleField
        fact={FACTS.gap!}
        value={row.gap}
        set={(gap) => changeRow(props, "Set the gap", { gap: gap as number })}
      />
      {row.pattern.every((member) => member.form !== "dot" && member.form !== "blank") && (
        <RuleField
          fact={FACTS.laid!}
          value={row.laid}
          set={(laid) => changeRow(props, "Lay it under or over", { laid: laid as Row["laid"] })}
        />
      )}
      {props.closed && row.motif === null && (
        <RuleField
          fact={FACTS.half!}
          value={row.half}
          set={(half) => changeRow(props, "Choose the half", { half: half as Row["half"] })}
        />
      )}
      {row.pattern.length > 1 && !swept && (
        <RuleField
          fact={FACTS.spacing!}
          value={row.spacing}
          set={(spacing) => changeRow(props, "Set the spacing", { spacing: spacing as Row["spacing"] })}
        />
      )}
    </>
  );
}
