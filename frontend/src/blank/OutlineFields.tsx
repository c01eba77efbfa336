/** Which outline a blank has, and its measures. */
import { Button } from "@mantine/core";
import { useState } from "react";
import { client, need } from "../api/client";
import { type Fact, fieldsOf, OUTLINES, wordsOf } from "../api/facts";
import type { Outline } from "../api/types";
import { RuleField, type Value } from "../fields/RuleField";
import { Choice } from "../studio/Choice";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { LengthField } from "../studio/LengthField";
import { Distances } from "./Distances";
import type { OutlineKind, OutlineProps } from "./props";

interface Props extends OutlineProps {
  /** Show the measures here; on the stone they are dimension lines. */
  measures?: boolean;
  /** How many spokes an outline by ruler needs, where that is known. */
  advised?: number | null;
}

const FROM_FILE = "odd";

export function OutlineFields({ outline, onKind, onChange, measures = true, advised = null }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const choose = (kind: OutlineKind, open: () => void) => {
    setProblem(null);
    if (kind === FROM_FILE) open();
    else onKind?.(kind);
  };
  const read = async (chosen: File) => {
    try {
      const text = await chosen.text();
      const found = await need(client.POST("/api/outline/svg", { body: { text } }));
      onChange(() => found);
      setProblem(null);
    } catch (cause) {
      setProblem((cause as Error).message);
    }
  };
  const fields = measuresOf(outline).filter(([, fact]) => measures || !fact.along);
  return (
    <>
      {onKind && (
        <FileChooser accept={SVG_FILES} onFile={read}>
          {(open) => (
            <>
              <Choice
                name="Outline"
                titled
                value={outline.kind}
                options={wordsOf<OutlineKind>("Blank", "outline")}
                onChange={(kind) => choose(kind, open)}
              />
              {outline.kind === FROM_FILE && (
                <Button size="xs" variant="light" className="infield" onClick={open}>
                  Another file
                </Button>
              )}
            </>
          )}
        </FileChooser>
      )}
      {fields.map(([field, fact]) => (
        <MeasureField key={field} outline={outline} field={field} fact={fact} titled onChange={onChange} />
      ))}
      {outline.kind === "round" && <Circumference outline={outline} onChange={onChange} />}
      {outline.kind === "spoked" && <Distances outline={outline} advised={advised} onChange={onChange} />}
      {problem && (
        <p className="wrong" role="alert">
          {problem}
        </p>
      )}
    </>
  );
}

/** The measures of an outline that are single numbers, those left open as well. */
export function measuresOf(outline: Outline): [string, Fact][] {
  return Object.entries(fieldsOf(OUTLINES[outline.kind] ?? "")).filter(
    ([field, fact]) => fact.open || typeof (outline as unknown as Record<string, unknown>)[field] === "number",
  );
}

interface MeasureProps {
  outline: Outline;
  field: string;
  fact: Fact;
  onChange: OutlineProps["onChange"];
  titled?: boolean;
}

export function MeasureField({ outline, field, fact, onChange, titled = false }: MeasureProps) {
  return (
    <RuleField
      fact={fact}
      titled={titled}
      value={(outline as unknown as Record<string, Value>)[field]}
      set={(value) => onChange((now) => ({ ...now, [field]: value }) as Outline)}
    />
  );
}

interface RoundProps {
  outline: Extract<Outline, { kind: "round" }>;
  onChange: OutlineProps["onChange"];
}

/** Round blanks are often measured by a tape around them. */
function Circumference({ outline, onChange }: RoundProps) {
  const { least = 0, most = 0 } = fieldsOf("Round").diameter!;
  return (
    <LengthField
      name="Circumference"
      titled
      value={outline.diameter * Math.PI}
      least={least * Math.PI}
      most={most * Math.PI}
      onChange={(round) => onChange((now) => ({ ...now, diameter: round / Math.PI }) as Outline)}
    />
  );
}
