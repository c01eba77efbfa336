/** The kit: the artist's tools by measured size. */
import { ActionIcon, Button } from "@mantine/core";
import { IconPlus, IconTrash, IconX } from "@tabler/icons-react";
import type { Kit, Tool } from "../api/types";
import { freshId } from "../piece/edits";
import { Kept, UndoRedo } from "../piece/Strip";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { Shell } from "../studio/Shell";
import { TextField } from "../studio/TextField";
import { SUFFIX, useUnits } from "../studio/units";
import "./stock.css";
import { useLedger } from "./useLedger";

const KINDS = ["rod", "dowel", "ball stylus", "silicone point", "needle", "brush", "paint pen", "household"].map(
  (kind) => [kind as Tool["kind"], kind] as const,
);

export function KitScreen() {
  const { ledger, document: kit } = useLedger<Kit>("kit");
  const units = useUnits((state) => state.units);
  const save = (label: string, tools: Tool[]) => kit && ledger.edit(label, { ...kit, tools });
  const change = (tool: Tool, label: string, part: Partial<Tool>) =>
    save(
      label,
      kit!.tools.map((one) => (one.id === tool.id ? { ...one, ...part } : one)),
    );
  const add = () =>
    save("Add a tool", [
      ...kit!.tools,
      {
        id: freshId("tool", kit!.tools),
        name: "New tool",
        kind: "ball stylus",
        tip: 2,
        dots: [2.5],
        note: "",
      },
    ]);
  return (
    <Shell title="Kit">
      <main className="page">
        <div className="stock-head">
          <div>
            <h1>Kit</h1>
            <p className="quiet">Tools by what they measure: the tip, and the dots it really makes with your paint.</p>
          </div>
          <span className="grow" />
          <Kept ledger={ledger} />
          <UndoRedo ledger={ledger} />
          <Button onClick={add} disabled={!kit || kit.tools.length >= 120}>
            Add a tool
          </Button>
        </div>
        <table className="plain stock">
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">Kind</th>
              <th scope="col">Tip, {SUFFIX[units]}</th>
              <th scope="col">Measured dots, {SUFFIX[units]}</th>
              <th scope="col">One load gives</th>
              <th scope="col">Note</th>
              <th scope="col">
                <span className="visually-hidden">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {kit?.tools.map((tool) => (
              <tr key={tool.id}>
                <td>
                  <TextField
                    name={`Name of ${tool.name}`}
                    value={tool.name}
                    onChange={(name) => change(tool, "Rename a tool", { name })}
                  />
                </td>
                <td>
                  <Choice
                    name={`Kind of ${tool.name}`}
                    value={tool.kind}
                    options={KINDS}
                    onChange={(kind) => change(tool, "Set the kind", { kind })}
                  />
                </td>
                <td className="stock-size">
                  <LengthField
                    name={`Tip of ${tool.name}`}
                    value={tool.tip}
                    least={0.2}
                    most={60}
                    onChange={(tip) => change(tool, "Set the tip", { tip })}
                  />
                </td>
                <td>
                  <Dots tool={tool} onChange={(dots) => change(tool, "Set the dots", { dots })} />
                </td>
                <td>
                  <LoadFields tool={tool} onChange={(load) => change(tool, "Measure a load", { load })} />
                </td>
                <td>
                  <TextField
                    name={`Note on ${tool.name}`}
                    value={tool.note}
                    mayBeEmpty
                    onChange={(note) => change(tool, "Note on a tool", { note })}
                  />
                </td>
                <td>
                  <ActionIcon
                    variant="subtle"
                    aria-label={`Remove ${tool.name}`}
                    onClick={() =>
                      save(
                        "Remove a tool",
                        kit.tools.filter((one) => one.id !== tool.id),
                      )
                    }
                  >
                    <IconTrash size={17} />
                  </ActionIcon>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {kit?.tools.length === 0 && <p className="quiet">No tools yet. Add one and measure a dot it makes.</p>}
      </main>
    </Shell>
  );
}

/** From a practice row: how many dots one load gave, and how small the last was beside the first. */
function LoadFields({ tool, onChange }: { tool: Tool; onChange: (load: Tool["load"]) => void }) {
  const { load } = tool;
  const first = tool.dots[0]!;
  if (!load)
    return (
      <button
        type="button"
        className="chip square"
        aria-label={`Measure a load of ${tool.name}`}
        onClick={() => onChange({ ratio: 0.9, dots: 6 })}
      >
        measure
      </button>
    );
  const last = first * load.ratio ** (load.dots - 1);
  return (
    <span className="stock-dots">
      <span style={{ width: 54 }}>
        <NumberField
          name={`Dots from one load of ${tool.name}`}
          value={load.dots}
          least={2}
          most={60}
          onChange={(dots) => onChange({ ...load, dots })}
        />
      </span>
      <span className="small quiet">last</span>
      <span style={{ width: 92 }}>
        <LengthField
          name={`Last dot of a load of ${tool.name}`}
          value={last}
          least={first * 0.5 ** (load.dots - 1)}
          most={first}
          onChange={(mm) => onChange({ ...load, ratio: (mm / first) ** (1 / (load.dots - 1)) })}
        />
      </span>
    </span>
  );
}

/** The measured dots: each can be typed, one more measured, one dropped. */
function Dots({ tool, onChange }: { tool: Tool; onChange: (dots: number[]) => void }) {
  return (
    <span className="stock-dots">
      {tool.dots.map((dot, k) => (
        <span key={k} className="stock-dot">
          <LengthField
            name={`Dot ${k + 1} of ${tool.name}`}
            value={dot}
            least={0.2}
            most={60}
            onChange={(mm) => onChange(tool.dots.map((one, j) => (j === k ? mm : one)))}
          />
          {tool.dots.length > 1 && (
            <ActionIcon
              size="xs"
              variant="subtle"
              aria-label={`Drop dot ${k + 1} of ${tool.name}`}
              onClick={() => onChange(tool.dots.filter((_, j) => j !== k))}
            >
              <IconX size={13} />
            </ActionIcon>
          )}
        </span>
      ))}
      {tool.dots.length < 12 && (
        <ActionIcon
          size="sm"
          variant="light"
          aria-label={`Measure one more dot of ${tool.name}`}
          onClick={() => onChange([...tool.dots, Math.round((tool.dots.at(-1)! + 0.3) * 100) / 100])}
        >
          <IconPlus size={14} />
        </ActionIcon>
      )}
    </span>
  );
}
