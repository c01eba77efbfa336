/** Dots of a tool that were measured, one more told, and what the tool will make with this paint on this surface. */
import { ActionIcon, Button } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { client, need } from "../api/client";
import { fieldsOf, wordsOf } from "../api/facts";
import type { Kit, Measurement, Prediction, Tool } from "../api/types";
import { restsOn } from "../sheet/ranges";
import { Choice } from "../studio/Choice";
import { TextField } from "../studio/TextField";
import { parseLength, SUFFIX, spokenLength, useUnits } from "../studio/units";
import { today } from "./mixed";
import { useMeasured } from "./useMeasured";

const DotPlot = lazy(() => import("./DotPlot")); // its charts are large
const { least = 0.2, most = 60, longest = 1 } = fieldsOf("Measurement").diameters!;
const LETTERS = 8; // of a diameter, with the space after it

type Combination = Pick<Measurement, "body" | "surface" | "load">;
const FIRST: Combination = { body: "medium", surface: "cast stone", load: "usual" };

interface Props {
  kit: Kit;
  tool: Tool;
  onTake: (dot: number) => void;
}

export function MeasuredDots({ kit, tool, onTake }: Props) {
  const { measured, add, takeBack } = useMeasured();
  const units = useUnits((state) => state.units);
  const [with_, setWith] = useState<Combination>(FIRST);
  const [wrong, setWrong] = useState("");
  const own = measured.filter((one) => one.tool === tool.id);
  const told = useQuery({
    queryKey: ["predictions", tool, with_, own.length],
    queryFn: ({ signal }) =>
      need(client.POST("/api/predictions", { body: { kit, wanted: [{ tool: tool.id, ...with_ }] }, signal })),
    placeholderData: (before) => before,
    retry: false,
  });
  const set = (part: Partial<Combination>) => setWith((now) => ({ ...now, ...part }));
  const tell = (text: string) => {
    const parts = text.split(/[\s;]+/).filter(Boolean);
    const sizes = parts.map((part) => parseLength(part, units));
    const bad = parts.find((_, k) => sizes[k] === null || sizes[k]! < least || sizes[k]! > most);
    if (parts.length === 0) return;
    if (bad) {
      setWrong(
        `Diameters must be between ${spokenLength(least, units)} and ${spokenLength(most, units)} (given: ${bad}).`,
      );
      return;
    }
    setWrong("");
    void add({ tool: tool.id, ...with_, diameters: sizes as number[], day: today(), how: "typed", note: "" });
  };
  return (
    <section aria-label={`Measured dots of ${tool.name}`} className="measured">
      <h3>Measured dots</h3>
      <div className="pot-fields three">
        <Choice
          name="Paint"
          titled
          value={with_.body}
          options={wordsOf<Combination["body"]>("Measurement", "body")}
          onChange={(body) => set({ body })}
        />
        <Choice
          name="On"
          titled
          value={with_.surface}
          options={wordsOf<Combination["surface"]>("Measurement", "surface")}
          onChange={(surface) => set({ surface })}
        />
        <Choice
          name="Load"
          titled
          value={with_.load}
          options={wordsOf<Combination["load"]>("Measurement", "load")}
          onChange={(load) => set({ load })}
        />
      </div>
      {told.data?.[0] && <Foretold told={told.data[0]} onTake={onTake} />}
      <TextField
        key={own.length}
        name={`Diameters that came out, ${SUFFIX[units]}`}
        titled
        value=""
        mayBeEmpty
        most={LETTERS * longest}
        onChange={tell}
      />
      {wrong && (
        <p className="blank-wrong" role="alert">
          {wrong}
        </p>
      )}
      <ul className="measured-list" aria-label="What was measured">
        {[...own].reverse().map((one) => (
          <li key={one.id} className="small">
            <span>
              {one.diameters.map((mm) => spokenLength(mm, units)).join(", ")}{" "}
              <span className="quiet">
                {one.body} on {one.surface}, {one.load} load, {one.day}
              </span>
            </span>
            <ActionIcon
              size="xs"
              variant="subtle"
              aria-label={`Take back what was measured on ${one.day}: ${one.diameters.join(", ")}`}
              onClick={() => void takeBack(one.id, true)}
            >
              <IconX size={13} />
            </ActionIcon>
          </li>
        ))}
      </ul>
      {own.length > 0 && (
        <Suspense fallback={<p className="small quiet">Drawing…</p>}>
          <DotPlot measured={own} load={tool.load ?? null} first={tool.dots[0]!} />
        </Suspense>
      )}
    </section>
  );
}

function Foretold({ told, onTake }: { told: Prediction; onTake: (dot: number) => void }) {
  const units = useUnits((state) => state.units);
  if (!told.offered)
    return <p className="small quiet">Without a tip and a measured dot nothing is foretold: measure one of the two.</p>;
  const dot = Math.round(told.diameter * 100) / 100;
  return (
    <p className="foretold" role="status">
      <span>
        <strong>{spokenLength(dot, units)}</strong>, one new dot between{" "}
        {spokenLength(Math.round(told.low * 100) / 100, units)} and{" "}
        {spokenLength(Math.round(told.high * 100) / 100, units)}
      </span>
      <span className="small quiet"> by {restsOn({ alike: told.of_all, measured: told.of_tool })}</span>
      <Button size="compact-xs" variant="light" onClick={() => onTake(dot)}>
        Take it as a dot of this tool
      </Button>
      {told.doubted.length > 0 && (
        <span className="small doubted">
          {[...new Set(told.doubted)].map((mm) => spokenLength(mm, units)).join(", ")}{" "}
          {told.doubted.length > 1 ? "do not fit the other dots: they are" : "does not fit the other dots: it is"} kept,
          and counted little.
        </span>
      )}
    </p>
  );
}
