/** Which outline a blank has, and its measures. */
import { Button } from "@mantine/core";
import { useId, useRef, useState } from "react";
import { client, need } from "../api/client";
import type { Outline } from "../api/types";
import { Choice } from "../studio/Choice";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { LengthField, NumberField } from "../studio/LengthField";
import { TextField } from "../studio/TextField";
import { lengthText, parseLength, useUnits } from "../studio/units";
import { acrossMm, begunAs, MEASURES, OUTLINES, type OutlineKind } from "./measures";

interface Props {
  outline: Outline;
  onChange: (change: (now: Outline) => Outline) => void;
  /** Show the measures here; on the stone they are dimension lines. */
  measures?: boolean;
  autoFocus?: boolean;
}

export function OutlineFields({ outline, onChange, measures = true, autoFocus }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const choose = (kind: OutlineKind) => {
    setProblem(null);
    if (kind === "odd") file.current?.click();
    else onChange((now) => begunAs(kind, acrossMm(now)));
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
  return (
    <>
      <Choice name="Outline" titled value={outline.kind} options={OUTLINES} onChange={choose} />
      <FileChooser name="Outline file" accept={SVG_FILES} field={file} onFile={read} />
      {outline.kind === "odd" && (
        <Button size="xs" variant="light" style={{ alignSelf: "end" }} onClick={() => file.current?.click()}>
          Another file
        </Button>
      )}
      {outline.kind === "polygon" && (
        <NumberField
          name="Sides"
          titled
          value={outline.sides}
          least={3}
          most={24}
          onChange={(sides) => onChange((now) => ({ ...now, sides }) as Outline)}
        />
      )}
      {measures &&
        MEASURES[outline.kind].map((measure, k) => (
          <MeasureField
            key={measure.field}
            outline={outline}
            measure={measure}
            titled
            autoFocus={autoFocus && k === 0}
            onChange={onChange}
          />
        ))}
      {outline.kind === "round" && (
        <LengthField
          name="Circumference"
          titled
          kind="dot"
          value={outline.diameter * Math.PI}
          least={31.5}
          most={3141}
          onChange={(round) => onChange((now) => ({ ...now, diameter: round / Math.PI }) as Outline)}
        />
      )}
      {outline.kind === "spoked" && <Distances outline={outline} onChange={onChange} />}
      {problem && (
        <p className="wrong" role="alert">
          {problem}
        </p>
      )}
    </>
  );
}

interface MeasureProps {
  outline: Outline;
  measure: (typeof MEASURES)[OutlineKind][number];
  onChange: Props["onChange"];
  titled?: boolean;
  autoFocus?: boolean;
}

export function MeasureField({ outline, measure, onChange, ...rest }: MeasureProps) {
  const { field, name, least, most } = measure;
  return (
    <LengthField
      name={name}
      kind="distance"
      value={Number((outline as unknown as Record<string, number>)[field])}
      least={least}
      most={most}
      onChange={(value) => onChange((now) => ({ ...now, [field]: value }) as Outline)}
      {...rest}
    />
  );
}

/** Distances from a centre at equal angles, typed one after the other. */
function Distances({
  outline,
  onChange,
}: {
  outline: Extract<Outline, { kind: "spoked" }>;
  onChange: Props["onChange"];
}) {
  const units = useUnits((state) => state.units);
  const id = useId();
  const [problem, setProblem] = useState<string | null>(null);
  const shown = outline.distances.map((mm) => lengthText(mm, units, "dot")).join(" ");
  const take = (typed: string) => {
    const parts = typed.split(/[\s;]+/).filter(Boolean);
    const lengths = parts.map((part) => parseLength(part, units));
    const bad = parts.find((_, k) => lengths[k] === null);
    if (bad !== undefined) setProblem(`“${bad}” is not a length.`);
    else if (lengths.length < 6 || lengths.length > 72)
      setProblem(`Give 6 to 72 distances at equal angles (given: ${lengths.length}).`);
    else if (lengths.some((mm) => mm! < 10 || mm! > 1000)) setProblem("Every distance is 10 to 1000 mm.");
    else {
      setProblem(null);
      onChange((now) => ({ ...now, distances: lengths as number[] }) as Outline);
    }
  };
  return (
    <span className="wide-field">
      <TextField
        name="Distances from the centre, clockwise from the top"
        titled
        value={shown}
        most={900}
        onChange={take}
      />
      <span className="small quiet" id={id}>
        {outline.distances.length} spokes, one every {Math.round(36000 / outline.distances.length) / 100}°
      </span>
      {problem && (
        <span className="wrong" role="alert">
          {problem}
        </span>
      )}
    </span>
  );
}
