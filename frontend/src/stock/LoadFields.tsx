/** From a practice row: how many dots one load gave, and how small the last was beside the first. */
import { ActionIcon } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { useState } from "react";
import { client, need } from "../api/client";
import { fieldsOf } from "../api/facts";
import type { Tool } from "../api/types";
import { LengthField } from "../studio/LengthField";
import { NumberField } from "../studio/NumberField";
import { TextField } from "../studio/TextField";
import { parseLength, SUFFIX, spokenLength, useUnits } from "../studio/units";

const FACTS = fieldsOf("Load");
const LETTERS = 8; // of a diameter, with the space after it
const LONGEST = LETTERS * (FACTS.dots?.most ?? 1);
const FIRST = { ratio: 0.9, dots: 6 }; // where the fields begin; both are typed over with what was measured

interface Props {
  tool: Tool;
  onChange: (load: Tool["load"]) => void;
}

export function LoadFields(props: Props) {
  return (
    <>
      <Ends {...props} />
      <Walk onChange={props.onChange} />
    </>
  );
}

/** All dots of one load in order: the run through them is fitted. */
function Walk({ onChange }: Pick<Props, "onChange">) {
  const units = useUnits((state) => state.units);
  const [said, setSaid] = useState("");
  const fit = async (text: string) => {
    const sizes = text
      .split(/[\s;]+/)
      .filter(Boolean)
      .map((part) => parseLength(part, units));
    if (sizes.length === 0) return;
    try {
      if (sizes.some((mm) => mm === null)) throw new Error("Type the diameters in order, with spaces between them.");
      const found = await need(client.POST("/api/kit/walk", { body: { diameters: sizes as number[] } }));
      setSaid(`By ${found.load.dots} dots the smallest is ${spokenLength(found.smallest, units)}.`);
      onChange(found.load);
    } catch (cause) {
      setSaid((cause as Error).message);
    }
  };
  return (
    <>
      <TextField
        key={said}
        name={`All dots of one load in order, ${SUFFIX[units]}`}
        titled
        value=""
        mayBeEmpty
        most={LONGEST}
        onChange={(text) => void fit(text)}
      />
      {said && (
        <p className="small" role="status">
          {said}
        </p>
      )}
    </>
  );
}

function Ends({ tool, onChange }: Props) {
  const { load } = tool;
  const first = tool.dots[0]!;
  if (!load)
    return (
      <button
        type="button"
        className="chip square"
        aria-label={`Measure a load of ${tool.name}`}
        onClick={() => onChange(FIRST)}
      >
        measure
      </button>
    );
  const { least = 0, most = 1 } = FACTS.ratio!;
  const last = first * load.ratio ** (load.dots - 1);
  return (
    <span className="stock-dots">
      <NumberField
        width={48}
        name={`Dots from one load of ${tool.name}`}
        value={load.dots}
        least={FACTS.dots?.least}
        most={FACTS.dots?.most}
        onChange={(dots) => onChange({ ...load, dots })}
      />
      <span className="small quiet">last</span>
      <LengthField
        bare
        width={60}
        name={`Last dot of a load of ${tool.name}`}
        value={last}
        least={first * least ** (load.dots - 1)}
        most={first * most}
        onChange={(mm) => onChange({ ...load, ratio: (mm / first) ** (1 / (load.dots - 1)) })}
      />
      <ActionIcon
        size="xs"
        variant="subtle"
        aria-label={`Forget the load of ${tool.name}`}
        onClick={() => onChange(null)}
      >
        <IconX size={13} />
      </ActionIcon>
    </span>
  );
}
