/** One dot of the pattern: its size, the tool that makes it, what it is, and its shade. */
import { ActionIcon } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { fieldsOf, trackOf, wordsOf } from "../api/facts";
import type { Member, Piece, Row } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { withoutMember } from "../piece/edits";
import { Choice } from "../studio/Choice";
import { lengthText, type Units, useUnits } from "../studio/units";
import { changeRow, type RowProps } from "./props";
import { rangeOf, sizeOptions, sizesOf } from "./ranges";
import { ShadePicker } from "./ShadePicker";
import { isDrawn } from "./words";

const FACTS = fieldsOf("Member");

/** A line throughout is all there is in its row. */
const ALONE: Partial<Row> = { trims: [], group: null, mirrored: null, fit: null };

interface Props extends RowProps {
  member: Member;
  place: number;
}

export function MemberFields(props: Props) {
  const { row, piece, planned, member, place } = props;
  const units = useUnits((state) => state.units);
  const drawn = isDrawn(row);
  const title = drawn ? "Line" : row.pattern.length > 1 ? `Dot ${place + 1}` : "Dot";
  const set = (next: Member) => {
    const pattern = row.pattern.map((other, k) => (k === place ? next : other));
    changeRow(props, "Set the size", { pattern, fit: row.fit === "size" ? null : row.fit });
  };
  const drop = () => changeRow(props, "Drop a dot of the pattern", withoutMember(row, place));
  const fitted = row.fit === "size" ? planned?.diameters[place] : undefined;
  return (
    <>
      <RuleField
        fact={FACTS.diameter!}
        name={drawn ? "Line width" : `${title} size`}
        value={fitted ?? member.diameter}
        set={(diameter) =>
          set({ ...member, diameter: diameter as number, tool: toolFor(piece, diameter as number, member.tool) })
        }
      />
      <Choice
        width={rangeOf(piece, member.tool, member.diameter) ? 210 : 158}
        name={`${title} made with`}
        titled
        value={row.fit === "size" ? "fit" : member.tool ? `${member.tool} ${member.diameter}` : "free"}
        options={toolOptions(piece, member, units)}
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
          className="infield"
          onClick={drop}
        >
          <IconX size={15} />
        </ActionIcon>
      )}
    </>
  );
}

interface FormProps extends Props {
  title: string;
  set: (next: Member) => void;
}

/** What the tool leaves there: a dot, nothing, or a small shape with its length. */
function FormFields(props: FormProps) {
  const { member, title, set, row, place } = props;
  const shaped = !["dot", "blank", "crystal", "line"].includes(member.form);
  const long = member.length ?? member.diameter * 2;
  const choose = (form: Member["form"]) => {
    const next = { ...member, form, length: long };
    if (form === "line") return changeRow(props, "Draw a line", { ...ALONE, pattern: [{ ...next, length: null }] });
    const pattern = row.pattern.map((other, k) => (k === place ? next : other));
    const laid = form === "dot" || form === "blank" ? "beside" : row.laid;
    changeRow(props, "Choose the form", { pattern, laid });
  };
  return (
    <>
      {!trackOf(row).swept && (
        <Choice
          width={138}
          name={`${title} is`}
          titled
          value={member.form}
          options={wordsOf<Member["form"]>("Member", "form").filter(([form]) => form !== "line" || trackOf(row).drawn)}
          onChange={choose}
        />
      )}
      {shaped && (
        <>
          <RuleField
            fact={FACTS.length!}
            name={`${title} length`}
            value={long}
            set={(length) => set({ ...member, length: length as number | null })}
          />
          <Choice
            width={110}
            name={`${title} points`}
            titled
            value={member.lies}
            options={wordsOf<Member["lies"]>("Member", "lies")}
            onChange={(lies) => set({ ...member, lies })}
          />
          <RuleField
            fact={FACTS.slant!}
            name={`${title} slant`}
            value={member.slant}
            set={(slant) => set({ ...member, slant: slant as number })}
          />
        </>
      )}
      {trackOf(row).fills && trackOf(row).sized && <ManyFields {...props} />}
      {row.pattern.length > 1 && member.form !== "blank" && <OwnShade {...props} />}
    </>
  );
}

/** How many of a size there may be in an area that is filled. */
function ManyFields({ member, title, set }: FormProps) {
  return (["most", "share"] as const).map((field) => (
    <RuleField
      key={field}
      fact={FACTS[field]!}
      name={`${title} ${FACTS[field]!.name}`}
      value={member[field]}
      set={(value) => set({ ...member, [field]: value as number | null })}
    />
  ));
}

function OwnShade({ member, title, set, row, piece, ramps }: FormProps) {
  return (
    <span className="infield own-shade">
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
  );
}

/** Every dot of the piece's tools, and the two ways without a tool. */
function toolOptions(piece: Piece, member: Member, units: Units): [string, string][] {
  const made = sizeOptions(piece, units);
  const own: [string, string] = [
    `${member.tool} ${member.diameter}`,
    `${toolName(piece, member)}: ${lengthText(member.diameter, units, "dot")}`,
  ];
  const odd = member.tool && !made.some(([key]) => key === own[0]) ? [own] : [];
  return [["free", "a free size"], ["fit", "largest that fits"], ...odd, ...made];
}

function toolName(piece: Piece, member: Member): string {
  return piece.tools.find((tool) => tool.id === member.tool)?.name ?? "unknown tool";
}

/** The tool that makes this size, the present one if it does. */
export function toolFor(piece: Piece, diameter: number, present: Row["pattern"][number]["tool"]): string | null {
  const makes = piece.tools.filter((tool) => sizesOf(tool).some((dot) => Math.abs(dot - diameter) < 1e-6));
  return (makes.find((tool) => tool.id === present) ?? makes[0])?.id ?? null;
}
