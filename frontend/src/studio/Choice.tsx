/** A short list to choose from, as the browser draws it: quick, and at home with every keyboard. */
import { NativeSelect } from "@mantine/core";

interface Props<T extends string> {
  name: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  titled?: boolean;
  disabled?: boolean;
  /** Width on screen, CSS pixels. */
  width?: number;
}

export function Choice<T extends string>({ name, value, options, onChange, titled, disabled, width }: Props<T>) {
  return (
    <NativeSelect
      label={titled ? name : undefined}
      aria-label={titled ? undefined : name}
      value={value}
      disabled={disabled}
      data={options.map(([key, text]) => ({ value: key, label: text }))}
      onChange={(event) => onChange(event.currentTarget.value as T)}
      w={width}
    />
  );
}
