/** The shades of a trim. */
import { ActionIcon } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import type { Fact } from "../api/facts";
import type { Shade } from "../api/types";
import type { TrimProps } from "./props";
import { ShadePicker } from "./ShadePicker";

interface ShadesProps extends TrimProps {
  fact: Fact;
  /** Whose shades they are. */
  name?: string;
  shades: Shade[];
  onChange: (shades: Shade[]) => void;
}

export function TrimShades({ piece, ramps, fact, name = "Trim", shades, onChange }: ShadesProps) {
  const { fewest = 0, longest = 1, none } = fact;
  return (
    <div className="row-fields" style={{ alignItems: "center" }}>
      {shades.length === 0 && <span className="small quiet">{none}</span>}
      {shades.map((shade, k) => (
        <span key={k} style={{ display: "inline-flex", alignItems: "center" }}>
          <ShadePicker
            piece={piece}
            ramps={ramps}
            value={shade}
            label={`${name} shade ${k + 1}`}
            onChange={(next) => onChange(shades.map((one, j) => (j === k ? next : one)))}
          />
          {shades.length > fewest && (
            <ActionIcon
              variant="subtle"
              size="sm"
              aria-label={`Drop ${name.toLowerCase()} shade ${k + 1}`}
              onClick={() => onChange(shades.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {shades.length < longest && (
        <ActionIcon
          variant="light"
          size="sm"
          aria-label={`Add a shade to the ${name.toLowerCase()}`}
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
