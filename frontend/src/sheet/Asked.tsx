/** A question about a row or a trim; its answer stands below until it is asked again. */
import { Button } from "@mantine/core";

export type Answer = "fits" | "tools";

interface Props {
  words: string;
  of: Answer;
  asked: Answer | null;
  onAsk: (asked: Answer | null) => void;
  size?: string;
}

export function Asked({ words, of, asked, onAsk, size = "xs" }: Props) {
  const open = asked === of;
  return (
    <Button
      size={size}
      variant={open ? "filled" : "default"}
      aria-expanded={open}
      onClick={() => onAsk(open ? null : of)}
    >
      {words}
    </Button>
  );
}
