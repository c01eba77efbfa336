/** Where a row runs, what stands at each of its places, and the measures of its track. */
import { client, need } from "../api/client";
import { fieldsOf, TRACKS, trackOf } from "../api/facts";
import type { Row, Track } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import { withRow } from "../piece/edits";
import { Choice } from "../studio/Choice";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { tellProblem } from "../studio/notice";
import { AnotherFill } from "./AnotherFill";
import { AreasOf } from "./AreasOf";
import { GapsOf } from "./GapsOf";
import { askedOfRow, changeRow, type RowProps } from "./props";
import { isDrawn } from "./words";

const TAKEN = Object.entries(TRACKS).filter(([, track]) => !track.central);

export function TrackFields(props: RowProps) {
  const { row, planned, rim } = props;
  const offered = TAKEN.filter(([, track]) => track.centred || row.motif === null);
  const set = (part: Partial<Row>) => changeRow(props, "Choose the track", part);
  const begin = (kind: string) =>
    askedOfRow(props, "Choose the track", async (now, place) => {
      const part = await need(client.POST("/api/begin/track", { body: { piece: now, row: place, kind } }));
      return withRow(now, place, part as Partial<Row>);
    });
  const read = async (file: File) => {
    try {
      const track = await need(client.POST("/api/path/svg", { body: { text: await file.text() } }));
      set({ track, fit: "count" });
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <>
      <FileChooser accept={SVG_FILES} onFile={read}>
        {(open) => (
          <Choice
            width={158}
            name="Track"
            titled
            value={row.track.kind as string}
            options={offered.map(([kind, track]) => [kind, track.name] as const)}
            onChange={(kind) => (TRACKS[kind]?.fromFile ? open() : void begin(kind))}
          />
        )}
      </FileChooser>
      <KindFields
        model={trackOf(row).model}
        value={row.track as Rule}
        set={(change) => set({ track: change(row.track as Rule) as unknown as Track })}
        near={planned?.walk ?? rim / 2}
        special={{
          rows: (field) => (
            <GapsOf
              {...props}
              rows={(row.track as Rule)[field] as string[]}
              onChange={(rows) => set({ track: { ...row.track, [field]: rows } as Track })}
            />
          ),
          areas: (field, fact) => (
            <AreasOf
              fact={fact}
              {...props}
              areas={(row.track as Rule)[field] as string[]}
              onChange={(areas) => set({ track: { ...row.track, [field]: areas } as Track })}
            />
          ),
        }}
      />
      {fieldsOf(trackOf(row).model).seed && <AnotherFill {...props} model={trackOf(row).model} />}
      {trackOf(row).groups && !isDrawn(row) && <GroupFields {...props} />}
    </>
  );
}

/** What stands at each place of a row: one dot, or a group of them. */
function GroupFields(props: RowProps) {
  const { group } = props.row;
  const { kind } = fieldsOf("Group");
  const set = (next: Row["group"]) => changeRow(props, "Choose the group", { group: next });
  return (
    <>
      <Choice
        width={kind?.wide}
        name={kind?.name ?? ""}
        titled
        value={group?.kind ?? "none"}
        options={[["none", kind?.none ?? ""] as const, ...(kind?.words ?? [])]}
        onChange={(next) =>
          set(next === "none" ? null : ({ count: 3, falls: 0, ...group, kind: next } as Row["group"]))
        }
      />
      {group && (
        <KindFields
          model="Group"
          value={group}
          set={(change) => set(change(group) as unknown as Row["group"])}
          without={["kind"]}
        />
      )}
    </>
  );
}
