/** A box to tick, with its words beside it. */
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
    <label style={infield ? { alignSelf: "end", paddingBottom: 4 } : undefined}>
      <input type="checkbox" checked={checked} aria-label={name} onChange={(event) => onChange(event.target.checked)} />{" "}
      {children}
    </label>
  );
}
