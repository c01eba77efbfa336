/** Where a ring's dots go: start, gap, spacing, and the distance from the centre. */
import type { Row } from "../api/types";
import { guideCircles } from "../spoke/useSlide";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { lengthText, useUnits } from "../studio/units";
import { changeRow, type RowProps } from "./props";

const STARTS = [
  ["on lines", "on the lines"],
  ["between", "between the lines"],
  ["offset", "in the dips"],
  ["angle", "at an angle"],
] as const;

const HALVES = [
  ["front", "front"],
  ["back", "back"],
  ["both", "both halves"],
] as const;

const SPACINGS = [
  ["equal angles", "equal angles"],
  ["equal gaps", "equal gaps"],
] as const;

export function PlaceFields(props: RowProps) {
  const { row, planned, piece } = props;
  const setStart = (kind: Row["start"]["kind"]) => {
    const degrees = Math.round(((planned?.start ?? 0) - piece.turn) * 100) / 100;
    changeRow(props, "Set the start", { start: kind === "angle" ? { kind, degrees } : { kind } });
  };
  return (
    <>
      <Choice width={136} name="Start" titled value={row.start.kind} options={STARTS} onChange={setStart} />

      {row.start.kind === "angle" && (
        <NumberField
          width={84}
          name="Angle"
          titled
          decimals
          unit="°"
          value={row.start.degrees}
          least={-360}
          most={360}
          onChange={(degrees) => changeRow(props, "Set the start", { start: { kind: "angle", degrees } })}
        />
      )}
      <LengthField
        width={82}
        name="Gap"
        titled
        value={row.gap}
        least={0}
        most={20}
        onChange={(gap) => changeRow(props, "Set the gap", { gap })}
      />

      {props.closed && (
        <Choice
          width={104}
          name="Half"
          titled
          value={row.half}
          options={HALVES}
          onChange={(half) => changeRow(props, "Choose the half", { half })}
        />
      )}
      {row.pattern.length > 1 && (
        <Choice
          width={118}
          name="Spacing"
          titled
          value={row.spacing}
          options={SPACINGS}
          onChange={(spacing) => changeRow(props, "Set the spacing", { spacing })}
        />
      )}
    </>
  );
}

export function DistanceFields(props: RowProps) {
  const { row, piece, planned, rim } = props;
  const units = useUnits((state) => state.units);
  const circles = guideCircles(piece, rim).map(
    (circle, k) =>
      [`guide ${circle.id}`, `on circle ${k + 1} (${lengthText(circle.walk, units, "distance")})`] as const,
  );
  const inset = row.track.kind === "inset";
  const options: (readonly [string, string])[] = inset
    ? [
        ["nested", inset ? "next inside the edge" : "nested"],
        ["edge", "from the edge"],
      ]
    : [
        ["nested", "nested"],
        ["walk", "at a distance"],
        ["edge", "from the edge"],
        ["fit", "as close as it closes"],
        ...circles,
      ];
  const now =
    row.fit === "distance" ? "fit" : row.distance.kind === "guide" ? `guide ${row.distance.circle}` : row.distance.kind;
  const unfit = row.fit === "distance" ? null : row.fit;
  const set = (distance: Row["distance"]) => changeRow(props, "Set the distance", { distance, fit: unfit });
  const choose = (value: string) => {
    if (value === "fit") changeRow(props, "Fit the distance", { fit: "distance" });
    else if (value === "nested") set({ kind: "nested" });
    else if (value === "walk") set({ kind: "walk", walk: planned?.walk ?? 0 });
    else if (value === "edge") set({ kind: "edge", inward: planned?.depth ?? Math.max(rim - (planned?.walk ?? 0), 0) });
    else set({ kind: "guide", circle: value.slice("guide ".length) });
  };
  const typed = row.distance.kind === "walk" && row.fit !== "distance" ? row.distance.walk : (planned?.walk ?? 0);
  return (
    <>
      <Choice width={150} name="Distance" titled value={now} options={options} onChange={choose} />

      {row.distance.kind === "edge" && row.fit !== "distance" ? (
        <LengthField
          width={92}
          name="In from the edge"
          titled
          kind="distance"
          value={row.distance.inward}
          least={0}
          most={1000}
          onChange={(inward) => set({ kind: "edge", inward })}
        />
      ) : (
        !inset && (
          <LengthField
            width={92}
            name="Walk distance"
            titled
            kind="distance"
            value={typed}
            least={0}
            most={1000}
            onChange={(walk) => set({ kind: "walk", walk })}
          />
        )
      )}
    </>
  );
}
