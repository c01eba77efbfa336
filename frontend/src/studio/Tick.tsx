/** A box to tick, with its words beside it. */
import { Checkbox } from "@mantine/core";
import type { ReactNode } from "react";

interface Props {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
  /** Said instead of the words, where they are too short by themselves. */
  name?: string;
  /** Stands in a line of fields with titles. */
  infield?: boolean;
}

export function Tick({ checked, onChange, children, name, infield }: Props) {
  return (
    <Checkbox
      size="xs"
      className={infield ? "infield" : undefined}
      label={children}
      checked={checked}
      aria-label={name}
      onChange={(event) => onChange(event.currentTarget.checked)}
    />
  );
}
