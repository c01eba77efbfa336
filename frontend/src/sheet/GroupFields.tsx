/** What stands at each place of a row: one dot, or a group of them. */
import type { Row } from "../api/types";
import { Choice } from "../studio/Choice";
import { NumberField } from "../studio/LengthField";
import { changeRow, type RowProps } from "./props";

const GROUPS = [
  ["none", "one dot"],
  ["line", "a line outward"],
  ["pair", "a pair"],
  ["triangle", "a triangle"],
  ["diamond", "a diamond"],
  ["box", "a box"],
  ["fan", "a fan"],
] as const;

export function GroupFields(props: RowProps) {
  const { group } = props.row;
  const set = (next: Row["group"]) => changeRow(props, "Choose the group", { group: next });
  return (
    <>
      <Choice
        width={124}
        name="At each place"
        titled
        value={group?.kind ?? "none"}
        options={GROUPS}
        onChange={(kind) => set(kind === "none" ? null : { kind, count: group?.count ?? 3, falls: group?.falls ?? 0 })}
      />

      {group && (group.kind === "line" || group.kind === "fan") && (
        <NumberField
          width={88}
          name="Dots each"
          titled
          value={group.count}
          least={2}
          most={12}
          onChange={(count) => set({ ...group, count })}
        />
      )}
      {group?.kind === "line" && (
        <NumberField
          width={88}
          name="Smaller by"
          titled
          unit="%"
          value={Math.round(group.falls * 100)}
          least={0}
          most={60}
          onChange={(falls) => set({ ...group, falls: falls / 100 })}
        />
      )}
    </>
  );
}
