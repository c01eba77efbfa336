/** Shades of a trim by the shade it lies on. */
import { ActionIcon, Button } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { fieldsOf } from "../api/facts";
import type { Shade, Trim } from "../api/types";
import { Tick } from "../studio/Tick";
import type { TrimProps } from "./props";
import { ShadePicker } from "./ShadePicker";

export function ShadeTable({ piece, ramps, row, trim, set }: TrimProps) {
  const facts = fieldsOf("WalkTrim");
  const table = trim.table as { below: Shade; shade: Shade }[];
  const change = (next: typeof table) => set({ ...trim, table: next } as Trim);
  const paint = (k: number): Shade => ({ kind: "paint", paint: piece.paints[k % piece.paints.length]!.id });
  const put = (k: number, part: Partial<(typeof table)[number]>) =>
    change(table.map((one, j) => (j === k ? { ...one, ...part } : one)));
  return (
    <div className="row-fields" style={{ alignItems: "center" }}>
      {(trim.shades as Shade[]).length > 1 && (
        <Tick checked={trim.skips} onChange={(skips) => set({ ...trim, skips } as Trim)}>
          {facts.skips?.name ?? ""}
        </Tick>
      )}
      {table.map((one, k) => (
        <span key={k} className="shade-rule">
          on
          <ShadePicker
            {...{ piece, ramps }}
            value={one.below}
            label={`On the shade ${k + 1}`}
            onChange={(below) => put(k, { below })}
          />
          take
          <ShadePicker
            {...{ piece, ramps }}
            value={one.shade}
            label={`Take the shade ${k + 1}`}
            onChange={(shade) => put(k, { shade })}
          />
          <ActionIcon
            variant="subtle"
            size="sm"
            aria-label={`Drop rule ${k + 1} of the shades`}
            onClick={() => change(table.filter((_, j) => j !== k))}
          >
            <IconX size={14} />
          </ActionIcon>
        </span>
      ))}
      {table.length < (facts.table?.longest ?? 0) && (
        <Button
          size="compact-xs"
          variant="subtle"
          onClick={() =>
            change([
              ...table,
              { below: (row.shades as Shade[])[table.length % row.shades.length]!, shade: paint(table.length) },
            ])
          }
        >
          By the shade below…
        </Button>
      )}
    </div>
  );
}
