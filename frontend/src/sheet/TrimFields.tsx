/** One trim, every rule of which can be typed or chosen. */
import { ActionIcon, Button } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { useState } from "react";
import type { Shade, Trim } from "../api/types";
import { useUnits } from "../studio/units";
import type { TrimProps } from "./props";
import { SwipeFields } from "./SwipeFields";
import { TopFields } from "./TopFields";
import { TrimFits } from "./TrimFits";
import { TrimShades } from "./TrimShades";
import { TrimList } from "./Trims";
import { WalkFields } from "./WalkFields";
import { trimWord } from "./words";

export function TrimFields(props: TrimProps) {
  const { trim, set, drop, place, number } = props;
  const units = useUnits((state) => state.units);
  const [fits, setFits] = useState(false);
  const name = trimWord(trim, units);
  return (
    <fieldset className="trim" aria-label={`Trim ${number + 1}: ${name}`}>
      <div className="trim-head">
        <strong>{name}</strong>
        <span className="grow" />
        <Button
          size="compact-xs"
          variant={fits ? "filled" : "default"}
          aria-expanded={fits}
          onClick={() => setFits(!fits)}
        >
          What fits in this trim?
        </Button>
        <ActionIcon variant="subtle" size="sm" aria-label={`Remove trim ${number + 1}`} onClick={drop}>
          <IconTrash size={15} />
        </ActionIcon>
      </div>
      <div className="row-fields">
        {trim.kind === "walk" && <WalkFields {...props} trim={trim} />}
        {trim.kind === "top" && <TopFields {...props} trim={trim} />}
        {trim.kind === "swipe" && <SwipeFields {...props} trim={trim} />}
      </div>
      <TrimShades {...props} shades={trim.shades as Shade[]} onChange={(shades) => set({ ...trim, shades } as Trim)} />
      {fits && <TrimFits {...props} number={number} />}
      {"trims" in trim && (
        <div className="trim-inner">
          <TrimList {...props} trims={trim.trims as Trim[]} path={[...props.path, place]} first={number + 1} />
        </div>
      )}
    </fieldset>
  );
}
