/** The shades of a trim. */
import { ActionIcon } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import type { Shade } from "../api/types";
import type { TrimProps } from "./props";
import { ShadePicker } from "./ShadePicker";

interface ShadesProps extends TrimProps {
  shades: Shade[];
  onChange: (shades: Shade[]) => void;
}

export function TrimShades({ piece, ramps, shades, onChange, trim }: ShadesProps) {
  return (
    <div className="row-fields" style={{ alignItems: "center" }}>
      {shades.length === 0 && <span className="small quiet">in the dot's own shade</span>}
      {shades.map((shade, k) => (
        <span key={k} style={{ display: "inline-flex", alignItems: "center" }}>
          <ShadePicker
            piece={piece}
            ramps={ramps}
            value={shade}
            label={`Trim shade ${k + 1}`}
            onChange={(next) => onChange(shades.map((one, j) => (j === k ? next : one)))}
          />
          {(shades.length > 1 || trim.kind === "swipe") && (
            <ActionIcon
              variant="subtle"
              size="sm"
              aria-label={`Drop trim shade ${k + 1}`}
              onClick={() => onChange(shades.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {shades.length < 12 && (
        <ActionIcon
          variant="light"
          size="sm"
          aria-label="Add a shade to the trim"
          onClick={() =>
            onChange([...shades, { kind: "paint", paint: piece.paints[shades.length % piece.paints.length]!.id }])
          }
        >
          <IconPlus size={14} />
        </ActionIcon>
      )}
    </div>
  );
}
