/** The size of a trim's dot. */
import type { Piece, TrimSize } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { lengthText, useUnits } from "../studio/units";

interface SizeProps {
  piece: Piece;
  name: string;
  size: TrimSize;
  set: (size: TrimSize) => void;
}

/** A measured dot of the kit, a typed size, or a share of the dot below. */
export function SizeField({ name, size, set, piece }: SizeProps) {
  const units = useUnits((state) => state.units);
  const measured = piece.tools.flatMap((tool) =>
    tool.dots.map((dot): [string, string] => [`${tool.id} ${dot}`, `${tool.name}: ${lengthText(dot, units, "dot")}`]),
  );
  const own = `${size.tool} ${size.diameter}`;
  const known = measured.some(([key]) => key === own);
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
        <NumberField
          width={82}
          name={`${name} share`}
          titled
          unit="%"
          value={Math.round(size.share * 100)}
          least={10}
          most={100}
          onChange={(share) => set({ ...size, share: share / 100 })}
        />
      ) : (
        <LengthField
          width={82}
          name={name}
          titled
          value={size.diameter}
          least={0.2}
          most={60}
          onChange={(diameter) => set({ diameter, tool: null, share: null })}
        />
      )}
      <Choice
        width={140}
        name={`${name} made with`}
        titled
        value={value}
        options={[["share", "a share of the dot below"], ["free", "a free size"], ...measured]}
        onChange={choose}
      />
    </>
  );
}
