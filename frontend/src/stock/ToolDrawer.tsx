/** A tool opened: its measures, the dots that were measured, and the dot it will make. */
import { Button, Drawer } from "@mantine/core";
import { fieldsOf, wordsOf } from "../api/facts";
import type { Kit, Tool } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { Choice } from "../studio/Choice";
import { TextField } from "../studio/TextField";
import { DotsFields } from "./DotsFields";
import { LoadFields } from "./LoadFields";
import { MeasuredDots } from "./MeasuredDots";
import { UsedIn } from "./UsedIn";

const FACTS = fieldsOf("Tool");

interface Props {
  kit: Kit | null;
  tool: Tool | null;
  change: (label: string, part: Partial<Tool>) => void;
  remove: () => void;
  onClose: () => void;
}

export function ToolDrawer({ kit, tool, change, remove, onClose }: Props) {
  return (
    <Drawer
      opened={tool !== null}
      onClose={onClose}
      position="right"
      size={470}
      title={tool?.name}
      classNames={{ title: "pot-title" }}
      closeButtonProps={{ "aria-label": "Close the tool" }}
      overlayProps={{ backgroundOpacity: 0.12 }}
    >
      {tool && kit && <Opened {...{ kit, tool, change, remove }} />}
    </Drawer>
  );
}

function Opened({ kit, tool, change, remove }: Omit<Props, "kit" | "tool" | "onClose"> & { kit: Kit; tool: Tool }) {
  return (
    <div className="tool-open">
      <div className="pot-fields">
        <TextField
          name={`Name of ${tool.name}`}
          titled
          value={tool.name}
          most={FACTS.name?.longest}
          onChange={(name) => change("Rename a tool", { name })}
        />
        <Choice
          name={`Kind of ${tool.name}`}
          titled
          value={tool.kind}
          options={wordsOf<Tool["kind"]>("Tool", "kind")}
          onChange={(kind) => change("Set the kind", { kind })}
        />
        <RuleField
          fact={FACTS.tip!}
          name={`Tip of ${tool.name}`}
          value={tool.tip}
          set={(tip) => change("Set the tip", { tip: tip as number | null })}
        />
        <Choice
          name={`Sizes of ${tool.name}`}
          titled
          value={tool.sizes}
          options={wordsOf<Tool["sizes"]>("Tool", "sizes")}
          onChange={(sizes) => change("Say whether the dots were measured", { sizes })}
        />
      </div>
      <section aria-label={`Dots of ${tool.name}`}>
        <h3>Dots it makes</h3>
        <DotsFields tool={tool} onChange={(dots) => change("Measure the dots", { dots, sizes: "measured" })} />
      </section>
      <MeasuredDots
        kit={kit}
        tool={tool}
        onTake={(dot) =>
          change("Take a measured dot", {
            dots: [...new Set([...(tool.sizes === "typical" ? [] : tool.dots), dot])].sort((a, b) => a - b).slice(-12),
            sizes: "measured",
          })
        }
      />
      <section aria-label={`Load of ${tool.name}`}>
        <h3>One load gives</h3>
        {!tool.load && <p className="small quiet">Not measured: a default is taken, and verdicts say so.</p>}
        <LoadFields tool={tool} onChange={(load) => change("Measure a load", { load })} />
      </section>
      <div className="pot-fields">
        <TextField
          name={`Handle of ${tool.name}`}
          titled
          value={tool.handle}
          mayBeEmpty
          most={FACTS.handle?.longest}
          onChange={(handle) => change("Say whose end a tool is", { handle })}
        />
        <Choice
          name={FACTS.wear?.name ?? ""}
          titled
          value={tool.wear ?? "unknown"}
          options={wordsOf<NonNullable<Tool["wear"]>>("Tool", "wear")}
          onChange={(wear) => change("Set how it wears", { wear })}
        />
        <TextField
          name={`Note on ${tool.name}`}
          titled
          value={tool.note}
          mayBeEmpty
          most={FACTS.note?.longest}
          onChange={(note) => change("Note on a tool", { note })}
        />
      </div>
      <UsedIn of="tools" id={tool.id} name={tool.name} />
      <Button variant="subtle" color="red" onClick={remove}>
        Remove {tool.name}
      </Button>
    </div>
  );
}
