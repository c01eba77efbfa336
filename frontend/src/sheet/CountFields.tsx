/** How often the pattern repeats: by a rule, a fixed number, or as often as it fits. */
import { client, need } from "../api/client";
import { fieldsOf } from "../api/facts";
import { withRow } from "../piece/edits";
import { Choice } from "../studio/Choice";
import { NumberField } from "../studio/NumberField";
import { askedOfRow, changeRow, type RowProps } from "./props";
import { countRule } from "./words";

export function CountFields(props: RowProps) {
  const { row, planned } = props;
  const fixed = row.count.kind === "absolute";
  const rules = [
    ["follows", fixed ? "per segment" : countRule(row.count)],
    ["fixed", "a fixed number"],
    ["fit", "as many as fit"],
  ] as const;
  const now = row.fit === "count" ? "fit" : fixed ? "fixed" : "follows";
  const repeats = planned?.repeats || 1;
  const { least, most } = fieldsOf("Absolute").repeats!;
  const take = (count: typeof row.count) =>
    changeRow(props, "Set the count", { count, fit: row.fit === "count" ? null : row.fit });
  const follow = (value: number) =>
    askedOfRow(props, "Set the count", async (now, place) => {
      const motif = now.motifs.find(({ id }) => id === now.rows[place]!.motif);
      const body = { repeats: value, segments: (motif ?? now).segments };
      const { count } = await need(client.POST("/api/begin/count", { body }));
      const { fit } = now.rows[place]!;
      return withRow(now, place, { count, fit: fit === "count" ? null : fit });
    });
  const set = (value: number, rule: string) => {
    if (rule === "fit") changeRow(props, "Fit the count", { fit: "count" });
    else if (rule === "fixed") take({ kind: "absolute", repeats: value });
    else void follow(value);
  };
  return (
    <>
      <NumberField
        width={66}
        name="Repeats"
        titled
        value={repeats}
        least={least}
        most={most}
        onChange={(value) => set(value, now === "fixed" ? "fixed" : "follows")}
      />
      <Choice width={128} name="Counted" titled value={now} options={rules} onChange={(rule) => set(repeats, rule)} />
    </>
  );
}
