/** The dots of the pattern: size and tool of each, one to three or more of them, and how often they repeat. */
import { ActionIcon, Tooltip } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import type { Member, Piece, Row } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { lengthText, useUnits } from "../studio/units";
import { asCount, countRule } from "./counts";
import { changeRow, type RowProps } from "./props";
import { ShadePicker } from "./ShadePicker";

const MOST_MEMBERS = 12;

export function PatternFields(props: RowProps) {
  const { row } = props;
  const counted = !["centre", "line", "corner", "gaps"].includes(row.track.kind);
  const many = !["centre", "corner", "gaps"].includes(row.track.kind);
  return (
    <div className="row-fields">
      {counted && <CountField {...props} />}
      {row.pattern.map((member, k) => (
        <MemberFields key={k} {...props} member={member} place={k} />
      ))}
      {many && row.pattern.length < MOST_MEMBERS && (
        <Tooltip label="One more dot in the pattern">
          <ActionIcon
            variant="light"
            aria-label="Add a dot to the pattern"
            style={{ alignSelf: "end" }}
            onClick={() =>
              changeRow(props, "Add a dot to the pattern", { pattern: [...row.pattern, row.pattern.at(-1)!] })
            }
          >
            <IconPlus size={16} />
          </ActionIcon>
        </Tooltip>
      )}
    </div>
  );
}

function CountField(props: RowProps) {
  const { row, piece, planned } = props;
  const fixed = row.count.kind === "absolute";
  const rules = [
    ["follows", fixed ? "per segment" : countRule(row.count)],
    ["fixed", "a fixed number"],
    ["fit", "as many as fit"],
  ] as const;
  const now = row.fit === "count" ? "fit" : fixed ? "fixed" : "follows";
  const repeats = planned?.repeats || 1;
  const set = (value: number, rule: string) => {
    if (rule === "fit") changeRow(props, "Fit the count", { fit: "count" });
    else {
      const fit = row.fit === "count" ? null : row.fit;
      changeRow(props, "Set the count", { count: asCount(value, piece.segments, rule === "fixed"), fit });
    }
  };
  return (
    <>
      <NumberField
        width={66}
        name="Repeats"
        titled
        value={repeats}
        least={1}
        most={2000}
        onChange={(value) => set(value, now === "fixed" ? "fixed" : "follows")}
      />

      <Choice width={128} name="Counted" titled value={now} options={rules} onChange={(rule) => set(repeats, rule)} />
    </>
  );
}

function MemberFields(props: RowProps & { member: Member; place: number }) {
  const { row, piece, planned, member, place } = props;
  const units = useUnits((state) => state.units);
  const title = row.pattern.length > 1 ? `Dot ${place + 1}` : "Dot";
  const set = (next: Member) => {
    const pattern = row.pattern.map((other, k) => (k === place ? next : other));
    changeRow(props, "Set the size", { pattern, fit: row.fit === "size" ? null : row.fit });
  };
  const drop = () =>
    changeRow(props, "Drop a dot of the pattern", { pattern: row.pattern.filter((_, k) => k !== place) });
  const fitted = row.fit === "size" ? planned?.diameters[place] : undefined;
  return (
    <>
      <LengthField
        width={86}
        name={`${title} size`}
        titled
        value={fitted ?? member.diameter}
        least={0.2}
        most={60}
        onChange={(diameter) => set({ ...member, diameter, tool: toolFor(piece, diameter, member.tool) })}
      />

      <Choice
        width={158}
        name={`${title} made with`}
        titled
        value={row.fit === "size" ? "fit" : member.tool ? `${member.tool} ${member.diameter}` : "free"}
        options={toolOptions(piece, member, (mm) => lengthText(mm, units, "dot"))}
        onChange={(value) => {
          if (value === "fit") changeRow(props, "Fit the size", { fit: "size" });
          else if (value === "free") set({ ...member, diameter: fitted ?? member.diameter, tool: null });
          else {
            const [tool, diameter] = value.split(" ");
            set({ ...member, tool: tool!, diameter: Number(diameter) });
          }
        }}
      />

      <FormFields {...props} title={title} set={set} />
      {row.pattern.length > 1 && (
        <ActionIcon
          variant="subtle"
          aria-label={`Drop dot ${place + 1} from the pattern`}
          style={{ alignSelf: "end" }}
          onClick={drop}
        >
          <IconX size={15} />
        </ActionIcon>
      )}
    </>
  );
}

const FORMS = [
  ["dot", "a dot"],
  ["blank", "left out"],
  ["oval", "an oval"],
  ["leaf", "a leaf"],
  ["stroke", "a stroke"],
  ["diamond", "a diamond"],
] as const;
const LIES = [
  ["outward", "outward"],
  ["along", "along the row"],
] as const;

type FormProps = RowProps & { member: Member; title: string; set: (next: Member) => void };

/** What the tool leaves there: a dot, nothing, or a small shape with its length. */
function FormFields({ member, title, set, row, piece, ramps }: FormProps) {
  const shaped = member.form !== "dot" && member.form !== "blank";
  return (
    <>
      <Choice
        width={96}
        name={`${title} is`}
        titled
        value={member.form}
        options={FORMS}
        onChange={(form) => set({ ...member, form, length: member.length ?? member.diameter * 2 })}
      />

      {shaped && (
        <>
          <LengthField
            width={86}
            name={`${title} length`}
            titled
            value={member.length ?? member.diameter * 2}
            least={0.2}
            most={120}
            onChange={(length) => set({ ...member, length })}
          />

          <Choice
            width={110}
            name={`${title} points`}
            titled
            value={member.lies}
            options={LIES}
            onChange={(lies) => set({ ...member, lies })}
          />
        </>
      )}
      {row.pattern.length > 1 && member.form !== "blank" && (
        <span style={{ alignSelf: "end", display: "inline-flex", gap: 4 }}>
          {member.shade ? (
            <>
              <ShadePicker
                piece={piece}
                ramps={ramps}
                value={member.shade}
                label={`${title} shade`}
                onChange={(shade) => set({ ...member, shade })}
              />
              <ActionIcon
                variant="subtle"
                size="sm"
                aria-label={`${title} in the row's shades`}
                onClick={() => set({ ...member, shade: null })}
              >
                <IconX size={14} />
              </ActionIcon>
            </>
          ) : (
            <button
              type="button"
              className="chip square"
              aria-label={`${title} in a shade of its own`}
              onClick={() => set({ ...member, shade: row.shades[0]! })}
            >
              own shade
            </button>
          )}
        </span>
      )}
    </>
  );
}

/** Every measured dot of the piece's tools, and the two ways without a tool. */
function toolOptions(piece: Piece, member: Member, size: (mm: number) => string): [string, string][] {
  const measured = piece.tools.flatMap((tool) =>
    tool.dots.map((dot): [string, string] => [`${tool.id} ${dot}`, `${tool.name}: ${size(dot)}`]),
  );
  const own: [string, string] = [
    `${member.tool} ${member.diameter}`,
    `${toolName(piece, member)}: ${size(member.diameter)}`,
  ];
  const odd = member.tool && !measured.some(([key]) => key === own[0]) ? [own] : [];
  return [["free", "a free size"], ["fit", "largest that fits"], ...odd, ...measured];
}

function toolName(piece: Piece, member: Member): string {
  return piece.tools.find((tool) => tool.id === member.tool)?.name ?? "unknown tool";
}

/** The tool that makes this size, the present one if it does. */
export function toolFor(piece: Piece, diameter: number, present: Row["pattern"][number]["tool"]): string | null {
  const makes = piece.tools.filter((tool) => tool.dots.some((dot) => Math.abs(dot - diameter) < 1e-6));
  return (makes.find((tool) => tool.id === present) ?? makes[0])?.id ?? null;
}
