/** A hidden file field that a button or a choice opens; the same file can be chosen again. */
import type { RefObject } from "react";

interface Props {
  name: string;
  accept: string;
  field: RefObject<HTMLInputElement | null>;
  onFile: (file: File) => Promise<void>;
}

export const SVG_FILES = ".svg,image/svg+xml";

export function FileChooser({ name, accept, field, onFile }: Props) {
  return (
    <input
      ref={field}
      type="file"
      accept={accept}
      aria-label={name}
      className="visually-hidden"
      tabIndex={-1}
      onChange={(event) => {
        const file = event.target.files?.[0];
        if (file) void onFile(file);
        event.target.value = "";
      }}
    />
  );
}
