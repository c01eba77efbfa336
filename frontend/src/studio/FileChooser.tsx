/** Lets a button or a choice open a file; the same file can be chosen again. */
import { FileButton } from "@mantine/core";
import { type ReactNode, useRef } from "react";

interface Props {
  accept: string;
  onFile: (file: File) => Promise<void>;
  /** What opens it. */
  children: (open: () => void) => ReactNode;
}

export const SVG_FILES = ".svg,image/svg+xml";

export function FileChooser({ accept, onFile, children }: Props) {
  const reset = useRef<() => void>(null);
  const take = (file: File | null) => {
    reset.current?.();
    if (file) void onFile(file);
  };
  return (
    <FileButton accept={accept} resetRef={reset} onChange={take}>
      {({ onClick }) => children(onClick)}
    </FileButton>
  );
}
