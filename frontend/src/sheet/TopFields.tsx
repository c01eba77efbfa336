/** The rules of top dots: how many, how large, and which way they are shifted. */
import { ActionIcon } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import type { TopTrim, TrimSize } from "../api/types";
import { Choice } from "../studio/Choice";
import { NumberField } from "../studio/LengthField";
import { Tick } from "../studio/Tick";
import type { TrimProps } from "./props";
import { SizeField } from "./SizeField";

const TOWARDS = ["centred", "inward", "outward", "left", "right"].map(
  (way) => [way as TopTrim["towards"], way] as const,
);

export function TopFields({ trim, set, ...props }: TrimProps & { trim: TopTrim }) {
  const sizes = (next: TrimSize[]) => set({ ...trim, sizes: next });
  return (
    <>
      {trim.sizes.map((size, k) => (
        <span key={k} style={{ display: "inline-flex", alignItems: "end", gap: 2 }}>
          <SizeField
            {...props}
            name={trim.sizes.length > 1 ? `Top dot ${k + 1}` : "Top dot"}
            size={size}
            set={(next) => sizes(trim.sizes.map((one, j) => (j === k ? next : one)))}
          />
          {trim.sizes.length > 1 && (
            <ActionIcon
              variant="subtle"
              size="sm"
              aria-label={`Drop top dot ${k + 1}`}
              onClick={() => sizes(trim.sizes.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {trim.sizes.length < 4 && (
        <ActionIcon
          variant="light"
          style={{ alignSelf: "end" }}
          aria-label="Stack one more top dot"
          onClick={() =>
            sizes([...trim.sizes, { diameter: trim.sizes.at(-1)!.diameter * 0.5, tool: null, share: 0.5 }])
          }
        >
          <IconPlus size={15} />
        </ActionIcon>
      )}
      <Choice
        width={104}
        name="Shifted"
        titled
        value={trim.towards}
        options={TOWARDS}
        onChange={(towards) => set({ ...trim, towards })}
      />
      {trim.towards !== "centred" && (
        <NumberField
          width={82}
          name="By"
          titled
          unit="%"
          value={Math.round(trim.shift * 100)}
          least={0}
          most={100}
          onChange={(by) => set({ ...trim, shift: by / 100 })}
        />
      )}
      <Tick infield checked={trim.turns} onChange={(turns) => set({ ...trim, turns })}>
        shades take turns, the last between
      </Tick>
    </>
  );
}
