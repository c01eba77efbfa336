/** A count, an angle or a share. */
import { NumberInput } from "@mantine/core";
import { type Limits, outside } from "./limits";
import { useTyped } from "./useTyped";

interface Props extends Limits {
  name: string;
  value: number | null;
  onChange: (value: number) => void;
  /** Takes an emptied field, where that means something; `none` says what. */
  onEmpty?: () => void;
  none?: string;
  titled?: boolean;
  unit?: string;
  /** Accept fractions of one, as angles do. */
  decimals?: boolean;
  width?: number;
}

export function NumberField(props: Props) {
  const { name, value, onChange, onEmpty, none, titled, unit, decimals, width, least, most, above } = props;
  const shown = value === null ? "" : decimals ? String(Math.round(value * 1000) / 1000) : String(value);
  const { text, wrong, setTyped, input } = useTyped(shown, (typed) => {
    if (typed.trim() === "" && onEmpty) {
      onEmpty();
      return null;
    }
    const given = Number(typed.replace(",", "."));
    if (typed.trim() === "" || !Number.isFinite(given) || (!decimals && !Number.isInteger(given)))
      return `${name} must be a ${decimals ? "" : "whole "}number (given: ${typed.trim() || "nothing"}).`;
    const bounds = outside(given, { least, most, above }, (limit) => `${limit}`);
    if (bounds) return `${name} must be ${bounds} (given: ${given}).`;
    onChange(given);
    return null;
  });
  return (
    <NumberInput
      label={titled ? name : undefined}
      aria-label={titled ? undefined : name}
      hideControls
      allowedDecimalSeparators={[",", "."]}
      clampBehavior="none"
      placeholder={none}
      rightSection={unit ? <span className="unit">{unit}</span> : undefined}
      rightSectionPointerEvents="none"
      rightSectionWidth={unit ? 26 : 0}
      value={text}
      error={wrong}
      errorProps={{ role: "alert" }}
      onChange={(next) => setTyped(String(next))}
      w={width}
      {...input}
    />
  );
}
