/** The shades of a row: one, or several that take turns along its places. */
import { ActionIcon, Button, Menu, Tooltip } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import { client, need } from "../api/client";
import { fieldsOf, SHADING, trackOf } from "../api/facts";
import type { Shade } from "../api/types";
import { withRow } from "../piece/edits";
import { TextField } from "../studio/TextField";
import { askedOfRow, changeRow, type RowProps } from "./props";
import { ShadePicker } from "./ShadePicker";
import { capital } from "./words";

const FACTS = fieldsOf("Row");

export function ShadeFields(props: RowProps) {
  const { row, piece, ramps } = props;
  const set = (shades: Shade[]) => changeRow(props, "Set the shades", { shades });
  return (
    <div className="row-fields" style={{ alignItems: "center" }}>
      {row.shades.map((shade, k) => (
        <span key={k} style={{ display: "inline-flex", alignItems: "center" }}>
          <ShadePicker
            piece={piece}
            ramps={ramps}
            value={shade}
            label={row.shades.length > 1 ? `Shade ${k + 1}` : "Shade"}
            onChange={(next) => set(row.shades.map((other, j) => (j === k ? next : other)))}
          />
          {row.shades.length > 1 && (
            <ActionIcon
              variant="subtle"
              size="sm"
              aria-label={`Drop shade ${k + 1}`}
              onClick={() => set(row.shades.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {!trackOf(row).central && row.shades.length < (FACTS.shades?.longest ?? 1) && (
        <Tooltip label="One more shade, taking turns">
          <ActionIcon
            variant="light"
            size="sm"
            aria-label="Add a shade that takes turns"
            onClick={() => set([...row.shades, otherShade(props)])}
          >
            <IconPlus size={15} />
          </ActionIcon>
        </Tooltip>
      )}
      {!trackOf(row).central && <InOneStep {...props} />}
      <span className="grow" />
      <span style={{ width: 170 }}>
        <TextField
          name="Note on this row"
          placeholder="Note on this row"
          value={row.label}
          most={FACTS.label?.longest}
          mayBeEmpty
          onChange={(label) => changeRow(props, "Note on a row", { label })}
        />
      </span>
    </div>
  );
}

/** All shades of the row at once: one for all, in turn, or one for each spoke. */
function InOneStep(props: RowProps) {
  const take = (way: string, words: string) =>
    askedOfRow(props, `Shades: ${words}`, async (now, place) => {
      const shades = await need(client.POST("/api/begin/shades", { body: { piece: now, row: place, way } }));
      return withRow(now, place, { shades });
    });
  return (
    <Menu withinPortal>
      <Menu.Target>
        <Button size="compact-xs" variant="default">
          In one step…
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        {SHADING.map(([way, words]) => (
          <Menu.Item key={way} onClick={() => void take(way, words)}>
            {capital(words)}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

/** A paint the row does not use yet. */
function otherShade({ row, piece }: RowProps): Shade {
  const used = new Set(row.shades.map((shade) => (shade.kind === "paint" ? shade.paint : "")));
  const paint = piece.paints.find((one) => !used.has(one.id)) ?? piece.paints[0]!;
  return { kind: "paint", paint: paint.id };
}
