/** The size of a trim's dot: one of the kit's, a typed size, or a share of the dot below. */
import { ActionIcon } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import { fieldsOf } from "../api/facts";
import type { Piece, TrimSize } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { Choice } from "../studio/Choice";
import { useUnits } from "../studio/units";
import { sizeOptions } from "./ranges";

const FACTS = fieldsOf("Size");

interface SizeProps {
  piece: Piece;
  name: string;
  size: TrimSize;
  set: (size: TrimSize) => void;
}

interface OpenSizeProps extends Omit<SizeProps, "size" | "set"> {
  size: TrimSize | null;
  /** What it is when it is left open. */
  none: string;
  /** Where a size begins that was left open until now. */
  first: TrimSize;
  set: (size: TrimSize | null) => void;
}

/** A size that may be left open. */
export function OpenSizeField({ size, none, first, set, ...props }: OpenSizeProps) {
  const { name } = props;
  const options = [["", none] as const, ["own", "of its own"] as const];
  return (
    <>
      <Choice
        width={124}
        name={name}
        titled
        value={size ? "own" : ""}
        options={options}
        onChange={(key) => set(key ? first : null)}
      />
      {size && <SizeField {...props} name={`${name} size`} size={size} set={set} />}
    </>
  );
}

export function SizeField({ name, size, set, piece }: SizeProps) {
  const units = useUnits((state) => state.units);
  const made = sizeOptions(piece, units);
  const own = `${size.tool} ${size.diameter}`;
  const known = made.some(([key]) => key === own);
  const value = size.share ? "share" : known ? own : "free";
  const choose = (key: string) => {
    if (key === "share") set({ ...size, tool: null, share: 0.5 });
    else if (key === "free") set({ ...size, tool: null, share: null });
    else {
      const [tool, diameter] = key.split(" ");
      set({ tool: tool!, diameter: Number(diameter), share: null });
    }
  };
  return (
    <>
      {size.share ? (
        <RuleField
          fact={FACTS.share!}
          width={82}
          name={`${name} share`}
          value={size.share}
          set={(share) => set({ ...size, share: share as number | null })}
        />
      ) : (
        <RuleField
          fact={FACTS.diameter!}
          width={82}
          name={name}
          value={size.diameter}
          set={(diameter) => set({ diameter: diameter as number, tool: null, share: null })}
        />
      )}
      <Choice
        width={140}
        name={`${name} made with`}
        titled
        value={value}
        options={[["share", "a share of the dot below"], ["free", "a free size"], ...made]}
        onChange={choose}
      />
    </>
  );
}

interface SizesProps {
  piece: Piece;
  name: string;
  most: number;
  sizes: TrimSize[];
  set: (sizes: TrimSize[]) => void;
}

/** Dots stacked one on the other. */
export function SizesField({ piece, name, most, sizes, set }: SizesProps) {
  return (
    <>
      {sizes.map((size, k) => (
        <span key={k} className="stacked">
          <SizeField
            piece={piece}
            name={sizes.length > 1 ? `${name} ${k + 1}` : name}
            size={size}
            set={(next) => set(sizes.map((one, j) => (j === k ? next : one)))}
          />
          {sizes.length > 1 && (
            <ActionIcon
              variant="subtle"
              size="sm"
              className="infield"
              aria-label={`Drop ${name.toLowerCase()} ${k + 1}`}
              onClick={() => set(sizes.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {sizes.length < most && (
        <ActionIcon
          variant="light"
          className="infield"
          aria-label={`Stack one more ${name.toLowerCase()}`}
          onClick={() => set([...sizes, { diameter: sizes.at(-1)!.diameter * 0.5, tool: null, share: 0.5 }])}
        >
          <IconPlus size={15} />
        </ActionIcon>
      )}
    </>
  );
}
