/** One of a few ways, each a button; the one that is in use is pressed. */
import { Button } from "@mantine/core";
import type { ReactNode } from "react";

interface Props<T extends string> {
  name: string;
  options: readonly (readonly [T, string])[];
  value: T;
  onChange: (value: T) => void;
  /** What stands beside them. */
  children?: ReactNode;
}

export function Chips<T extends string>({ name, options, value, onChange, children }: Props<T>) {
  return (
    <fieldset className="chips" aria-label={name}>
      {options.map(([one, words]) => (
        <Button
          key={one}
          size="compact-sm"
          variant={value === one ? "filled" : "default"}
          aria-pressed={value === one}
          onClick={() => onChange(one)}
        >
          {words}
        </Button>
      ))}
      {children}
    </fieldset>
  );
}
