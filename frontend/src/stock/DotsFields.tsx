/** The dots a tool makes: each can be typed, one more measured, one dropped. */
import { ActionIcon } from "@mantine/core";
import { IconPlus, IconX } from "@tabler/icons-react";
import { fieldsOf } from "../api/facts";
import type { Tool } from "../api/types";
import { LengthField } from "../studio/LengthField";

const { least, most, longest = 1 } = fieldsOf("Tool").dots!;
const LARGER = 0.3; // one more dot is first taken to be so much larger (mm)

export function DotsFields({ tool, onChange }: { tool: Tool; onChange: (dots: number[]) => void }) {
  const { dots } = tool;
  return (
    <span className="stock-dots">
      {dots.map((dot, k) => (
        <span key={k} className="stock-dot">
          <LengthField
            name={`Dot ${k + 1} of ${tool.name}`}
            bare
            width={62}
            value={dot}
            least={least}
            most={most}
            onChange={(mm) => onChange(dots.map((one, j) => (j === k ? mm : one)))}
          />
          {dots.length > 1 && (
            <ActionIcon
              size="xs"
              variant="subtle"
              aria-label={`Drop dot ${k + 1} of ${tool.name}`}
              onClick={() => onChange(dots.filter((_, j) => j !== k))}
            >
              <IconX size={13} />
            </ActionIcon>
          )}
        </span>
      ))}
      {dots.length < longest && (
        <ActionIcon
          size="sm"
          variant="light"
          aria-label={`Measure one more dot of ${tool.name}`}
          onClick={() => onChange([...dots, Math.round((dots.at(-1)! + LARGER) * 100) / 100])}
        >
          <IconPlus size={14} />
        </ActionIcon>
      )}
    </span>
  );
}
