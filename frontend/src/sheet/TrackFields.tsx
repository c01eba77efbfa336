/** Where a row runs, what stands at each of its places, and the measures of its track. */
import { useRef } from "react";
import { client, need } from "../api/client";
import type { Row, Track } from "../api/types";
import { Choice } from "../studio/Choice";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { LengthField, NumberField } from "../studio/LengthField";
import { tellProblem } from "../studio/notice";
import { Tick } from "../studio/Tick";
import { GapFields } from "./GapFields";
import { GroupFields } from "./GroupFields";
import { changeRow, type RowProps } from "./props";

const TRACKS = [
  ["ring", "round the centre"],
  ["inset", "along the edge"],
  ["line", "straight lines"],
  ["arc", "curves between circles"],
  ["path", "a path from a file"],
  ["corner", "in the corners"],
  ["gaps", "into the gaps"],
] as const;
const BEYOND = [
  ["stop", "stops"],
  ["carry on", "carries on, whole dots"],
] as const;

type Kind = (typeof TRACKS)[number][0];

export function TrackFields(props: RowProps) {
  const { row, planned, rim } = props;
  const file = useRef<HTMLInputElement>(null);
  const set = (track: Track, part: Partial<Row> = {}) => changeRow(props, "Choose the track", { track, ...part });
  const choose = (kind: Kind) => {
    if (kind === "path") file.current?.click();
    else set(begun(kind, planned?.walk ?? rim / 2), FIRST[kind] ?? {});
  };
  const read = async (chosen: File) => {
    try {
      const track = await need(client.POST("/api/path/svg", { body: { text: await chosen.text() } }));
      set(track, { fit: "count" });
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <>
      <Choice width={158} name="Track" titled value={row.track.kind as Kind} options={TRACKS} onChange={choose} />

      <FileChooser name="Path file" accept={SVG_FILES} field={file} onFile={read} />
      <Measures {...props} set={set} />
      {row.track.kind !== "gaps" && <GroupFields {...props} />}
    </>
  );
}

/** What changes with the track, so that the row has a good place at once. */
const FIRST: Partial<Record<Kind, Partial<Row>>> = {
  inset: { fit: "count", distance: { kind: "nested" }, start: { kind: "on lines" } },
  line: { fit: null, start: { kind: "on lines" } },
  arc: { fit: "count", start: { kind: "on lines" } },
  gaps: { fit: null, gap: 0.2 },
  corner: { fit: null },
};

function begun(kind: Exclude<Kind, "path">, walk: number): Track {
  switch (kind) {
    case "ring":
      return { kind, beyond: "stop" };
    case "inset":
      return { kind };
    case "line":
      return { kind, angle: 0, lines: 3, spacing: 10 };
    case "arc":
      return {
        kind,
        start: walk,
        end: walk,
        across: 1,
        bulge: Math.round(walk * 2) / 10,
        every: 1,
        mirrored: false,
      };
    case "corner":
      return { kind, inward: 10 };
    case "gaps":
      return { kind, rows: [], least: 0.6, sizes: "largest" };
  }
}

function Measures({ set, ...props }: RowProps & { set: (track: Track) => void }) {
  const { track } = props.row;
  switch (track.kind) {
    case "ring":
      return (
        <Choice
          width={150}
          name="At the border"
          titled
          value={track.beyond}
          options={BEYOND}
          onChange={(beyond) => set({ ...track, beyond })}
        />
      );
    case "line":
      return (
        <>
          <NumberField
            width={88}
            name="Lines"
            titled
            value={track.lines}
            least={1}
            most={200}
            onChange={(lines) => set({ ...track, lines })}
          />
          <LengthField
            width={88}
            name="Apart"
            titled
            value={track.spacing}
            least={0.5}
            most={1000}
            onChange={(spacing) => set({ ...track, spacing })}
          />
          <NumberField
            width={88}
            name="Slant"
            titled
            decimals
            unit="°"
            value={track.angle}
            least={-360}
            most={360}
            onChange={(angle) => set({ ...track, angle })}
          />
        </>
      );
    case "arc":
      return (
        <>
          <LengthField
            width={88}
            name="From circle"
            titled
            kind="distance"
            value={track.start}
            least={0}
            most={1000}
            onChange={(start) => set({ ...track, start })}
          />
          <LengthField
            width={88}
            name="To circle"
            titled
            kind="distance"
            value={track.end}
            least={0}
            most={1000}
            onChange={(end) => set({ ...track, end })}
          />
          <NumberField
            width={88}
            name="Segments on"
            titled
            decimals
            value={track.across}
            least={0}
            most={64}
            onChange={(across) => set({ ...track, across })}
          />
          <LengthField
            width={88}
            name="Bulge"
            titled
            value={track.bulge}
            least={-500}
            most={500}
            onChange={(bulge) => set({ ...track, bulge })}
          />
          <Every every={track.every} mirrored={track.mirrored} least={1} set={(part) => set({ ...track, ...part })} />
        </>
      );
    case "path":
      return (
        <Every every={track.every} mirrored={track.mirrored} least={0} set={(part) => set({ ...track, ...part })} />
      );
    case "corner":
      return (
        <LengthField
          width={88}
          name="In from the corner"
          titled
          value={track.inward}
          least={0}
          most={1000}
          onChange={(inward) => set({ ...track, inward })}
        />
      );
    case "gaps":
      return <GapFields {...props} track={track} set={set} />;
    default:
      return null;
  }
}

interface EveryProps {
  every: number;
  mirrored: boolean;
  least: number;
  set: (part: { every?: number; mirrored?: boolean }) => void;
}

function Every({ every, mirrored, least, set }: EveryProps) {
  return (
    <>
      <NumberField
        width={88}
        name="Every … segments"
        titled
        value={every}
        least={least}
        most={64}
        onChange={(next) => set({ every: next })}
      />
      <Tick infield checked={mirrored} onChange={(next) => set({ mirrored: next })}>
        mirrored
      </Tick>
    </>
  );
}
