/** Another fill like the one that is there, by a button or a key; undo brings the one before back. */
import { Button } from "@mantine/core";
import { useHotkeys } from "@mantine/hooks";
import { fieldsOf } from "../api/facts";
import type { Track } from "../api/types";
import { changeRow, type RowProps } from "./props";

const KEY = "F8";

interface Props extends RowProps {
  model: string;
}

export function AnotherFill({ model, ...props }: Props) {
  const fact = fieldsOf(model).seed!;
  const track = props.row.track as { seed: number };
  const another = () => {
    const seed = track.seed < fact.most! ? track.seed + 1 : fact.least!;
    changeRow(props, fact.name!, { track: { ...props.row.track, seed } as Track });
  };
  useHotkeys([[KEY, another]], []);
  return (
    <Button size="compact-xs" variant="light" className="infield" aria-keyshortcuts={KEY} onClick={another}>
      Another one ({KEY})
    </Button>
  );
}
