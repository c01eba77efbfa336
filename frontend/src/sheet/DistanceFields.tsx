/** How far from the centre, or from the edge, a row lies. */
import { fieldsOf, trackOf } from "../api/facts";
import type { Plan, Row } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { Choice } from "../studio/Choice";
import { lengthText, useUnits } from "../studio/units";
import { changeRow, type RowProps } from "./props";

export function DistanceFields(props: RowProps & { circles: Plan["circles"] }) {
  const { row, planned, rim, circles } = props;
  const units = useUnits((state) => state.units);
  const track = trackOf(row);
  if (track.distances.length === 0) return null;
  const petals = row.trims.some((trim) => trim.kind === "walk") || row.fit === "meet";
  const words: Record<string, (readonly [string, string])[]> = {
    nested: [["nested", track.round ? "nested" : "next inside the edge"]],
    walk: [["walk", "at a distance"]],
    edge: [["edge", "from the edge"]],
    fit: [["fit", "as close as it closes"]],
    meet: petals ? [["meet", "where its petals meet"]] : [],
    guide: circles.map(
      ({ id, walk }, k) => [`guide ${id}`, `on circle ${k + 1} (${lengthText(walk, units, "distance")})`] as const,
    ),
  };
  const fits = row.fit === "distance" || row.fit === "meet";
  const ruled = row.distance.kind === "guide" ? `guide ${row.distance.circle}` : row.distance.kind;
  const fitted = row.fit === "meet" ? "meet" : "fit";
  const set = (distance: Row["distance"]) =>
    changeRow(props, "Set the distance", { distance, fit: fits ? null : row.fit });
  const choose = (value: string) => {
    const walk = planned?.walk ?? 0;
    if (value === "meet") changeRow(props, "Let the petals meet", { fit: "meet", distance: { kind: "nested" } });
    else if (value === "fit") changeRow(props, "Fit the distance", { fit: "distance" });
    else if (value === "nested") set({ kind: "nested" });
    else if (value === "walk") set({ kind: "walk", walk });
    else if (value === "edge") set({ kind: "edge", inward: planned?.depth ?? Math.max(rim - walk, 0) });
    else set({ kind: "guide", circle: value.slice("guide ".length) });
  };
  const inward = row.distance.kind === "edge" && !fits ? row.distance.inward : null;
  const walk = row.distance.kind === "walk" && !fits ? row.distance.walk : (planned?.walk ?? 0);
  return (
    <>
      <Choice
        width={150}
        name="Distance"
        titled
        value={fits ? fitted : ruled}
        options={track.distances.flatMap((kind) => words[kind] ?? [])}
        onChange={choose}
      />
      {inward !== null ? (
        <RuleField
          fact={fieldsOf("FromEdge").inward!}
          value={inward}
          set={(next) => set({ kind: "edge", inward: next as number })}
        />
      ) : (
        track.distances.includes("walk") && (
          <RuleField
            fact={fieldsOf("AtWalk").walk!}
            name={props.walk}
            value={walk}
            set={(next) => set({ kind: "walk", walk: next as number })}
          />
        )
      )}
    </>
  );
}
