/** The dots of the pattern: size and tool of each, one or more of them, and how often they repeat. */
import { ActionIcon, Tooltip } from "@mantine/core";
import { IconPlus } from "@tabler/icons-react";
import { fieldsOf, trackOf } from "../api/facts";
import { freshId } from "../piece/edits";
import { CountFields } from "./CountFields";
import { MemberFields } from "./MemberFields";
import { changeRow, type RowProps } from "./props";
import { isDrawn } from "./words";

export function PatternFields(props: RowProps) {
  const { row } = props;
  const track = trackOf(row);
  const most = Math.min(track.members, fieldsOf("Row").pattern?.longest ?? 1);
  const drawn = isDrawn(row);
  const add = () => {
    const last = row.pattern.at(-1)!;
    changeRow(props, "Add a dot to the pattern", {
      pattern: [...row.pattern, { ...last, id: freshId("dot", row.pattern) }],
    });
  };
  return (
    <div className="row-fields">
      {track.repeats !== "none" && !drawn && <CountFields {...props} />}
      {row.pattern.map((member, k) => (
        <MemberFields key={member.id} {...props} member={member} place={k} />
      ))}
      {row.pattern.length < most && !drawn && (
        <Tooltip label="One more dot in the pattern">
          <ActionIcon variant="light" aria-label="Add a dot to the pattern" className="infield" onClick={add}>
            <IconPlus size={16} />
          </ActionIcon>
        </Tooltip>
      )}
    </div>
  );
}
