/** A length typed in the unit in use: decimals, fractions and sums, each with a unit or without. */
import { TextInput } from "@mantine/core";
import { type Limits, outside } from "./limits";
import { type LengthKind, lengthText, parseLength, SUFFIX, spokenLimit, useUnits } from "./units";
import { useTyped } from "./useTyped";

interface Props extends Limits {
  name: string;
  value: number | null;
  kind?: LengthKind;
  onChange: (mm: number) => void;
  /** Takes an emptied field, where that means something; `none` says what. */
  onEmpty?: () => void;
  none?: string;
  /** Show the name above the field; otherwise it is for screen readers only. */
  titled?: boolean;
  autoFocus?: boolean;
  disabled?: boolean;
  id?: string;
  /** In a table whose head names the unit. */
  bare?: boolean;
  /** Width on screen, CSS pixels. */
  width?: number;
}

export function LengthField(props: Props) {
  const {
    name,
    value,
    kind = "dot",
    onChange,
    onEmpty,
    none,
    titled,
    bare,
    width,
    least,
    most,
    above,
    ...rest
  } = props;
  const units = useUnits((state) => state.units);
  const shown = value === null ? "" : lengthText(value, units, kind);
  const { text, wrong, setTyped, input } = useTyped(shown, (typed) => {
    if (typed.trim() === "" && onEmpty) {
      onEmpty();
      return null;
    }
    const mm = parseLength(typed, units);
    if (mm === null) return `${name}: “${typed}” is not a length. Write for instance 12.5, 3/4 in or 20 + 2.5.`;
    const bounds = outside(mm, { least, most, above }, (limit, round) => spokenLimit(limit, units, round, kind));
    if (bounds) return `${name} must be ${bounds} (given: ${typed.trim()}).`;
    onChange(mm);
    return null;
  });
  return (
    <TextInput
      label={titled ? name : undefined}
      aria-label={titled ? undefined : name}
      inputMode="decimal"
      placeholder={none}
      rightSection={bare ? undefined : <span className="unit">{SUFFIX[units]}</span>}
      rightSectionPointerEvents="none"
      value={text}
      error={wrong}
      errorProps={{ role: "alert" }}
      onChange={(event) => setTyped(event.currentTarget.value)}
      w={width}
      {...input}
      {...rest}
    />
  );
}
