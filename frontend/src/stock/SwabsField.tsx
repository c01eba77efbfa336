/** Swabs of a paint with white: how its mixes turn out, by which recipes are calibrated. */
import { ActionIcon, Button } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { fieldsOf } from "../api/facts";
import type { Paint } from "../api/types";
import { NumberField } from "../studio/NumberField";
import { PhotoColour } from "./PhotoColour";

const FACTS = fieldsOf("Swab");
const MOST = fieldsOf("Paint").swabs?.longest ?? 0;
const USUAL = [1, 4]; // parts of white to one of the paint

interface Props {
  paint: Paint;
  onChange: (swabs: Paint["swabs"]) => void;
}

export function SwabsField({ paint, onChange }: Props) {
  const { swabs } = paint;
  const change = (place: number, part: Partial<Paint["swabs"][number]>) =>
    onChange(swabs.map((swab, k) => (k === place ? { ...swab, ...part } : swab)));
  const add = () =>
    onChange([
      ...swabs,
      { white: USUAL.find((white) => swabs.every((swab) => swab.white !== white)) ?? 2, colour: paint.colour },
    ]);
  return (
    <div className="swabs">
      <p className="small quiet">
        Mix one part with one, then with four parts of your white, paint swabs, let them dry, and take their colours.
      </p>
      {swabs.map((swab, k) => (
        <div key={k} className="stock-dots">
          <NumberField
            name={FACTS.white!.name!}
            titled
            decimals
            width={150}
            above={FACTS.white!.above}
            most={FACTS.white!.most}
            value={swab.white}
            onChange={(white) => change(k, { white })}
          />
          <label className="swab-colour">
            <span className="small">{FACTS.colour!.name}</span>
            <input
              type="color"
              aria-label={`${FACTS.colour!.name}, ${swab.white} of white`}
              value={swab.colour}
              onChange={(event) => change(k, { colour: event.currentTarget.value })}
            />
          </label>
          <PhotoColour
            name={`the swab with ${swab.white} of white`}
            onColour={(colour) => change(k, { colour })}
            small
          />
          <ActionIcon
            variant="subtle"
            size="sm"
            aria-label={`Remove swab ${k + 1}`}
            onClick={() => onChange(swabs.filter((_, other) => other !== k))}
          >
            <IconX size={14} />
          </ActionIcon>
        </div>
      ))}
      <Button size="compact-xs" variant="light" disabled={swabs.length >= MOST} onClick={add} mt={8}>
        Add a swab
      </Button>
    </div>
  );
}
