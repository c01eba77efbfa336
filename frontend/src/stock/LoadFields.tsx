/** From a practice row: how many dots one load gave, and how small the last was beside the first. */
import { ActionIcon } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { fieldsOf } from "../api/facts";
import type { Tool } from "../api/types";
import { LengthField } from "../studio/LengthField";
import { NumberField } from "../studio/NumberField";

const FACTS = fieldsOf("Load");
const FIRST = { ratio: 0.9, dots: 6 }; // where the fields begin; both are typed over with what was measured

export function LoadFields({ tool, onChange }: { tool: Tool; onChange: (load: Tool["load"]) => void }) {
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
