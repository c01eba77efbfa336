/** The kit: the artist's tools by measured size. */
import { ActionIcon, Button, Table } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { fieldsOf, MOST, wordsOf } from "../api/facts";
import type { Kit, Tool } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { freshId } from "../piece/edits";
import { Saved, UndoRedo } from "../piece/Strip";
import { Choice } from "../studio/Choice";
import { Shell } from "../studio/Shell";
import { TextField } from "../studio/TextField";
import { SUFFIX, useUnits } from "../studio/units";
import { DotsFields } from "./DotsFields";
import { LoadFields } from "./LoadFields";
import { Starters } from "./Starters";
import { StockFiles } from "./StockFiles";
import "./stock.css";
import { useLedger } from "./useLedger";

const FACTS = fieldsOf("Tool");
const FIRST_DOT = 2.5; // what a tool nobody measured yet is taken to make (mm)

export function KitScreen() {
  const { ledger, document: kit } = useLedger<Kit>("kit");
  const units = useUnits((state) => state.units);
  const save = (label: string, tools: Tool[]) => kit && ledger.edit(label, { ...kit, tools });
  const change = (tool: Tool, label: string, part: Partial<Tool>) =>
    save(
      label,
      kit!.tools.map((one) => (one.id === tool.id ? { ...one, ...part } : one)),
    );
  const add = () => {
    const id = freshId("tool", kit!.tools);
    const kind = FACTS.kind?.default as Tool["kind"];
    const size: Pick<Tool, "tip" | "dots" | "sizes"> = { tip: null, dots: [FIRST_DOT], sizes: "typical" };
    const fresh: Tool = { id, name: "New tool", kind, ...size, handle: "", note: "" };
    save("Add a tool", [...kit!.tools, fresh]);
  };
  return (
    <Shell title="Kit">
      <main className="page">
        <div className="stock-head">
          <div>
            <h1>Kit</h1>
            <p className="quiet">Tools by what they measure: the tip, and the dots it really makes with your paint.</p>
          </div>
          <span className="grow" />
          <Saved ledger={ledger} />
          <UndoRedo ledger={ledger} />
          <StockFiles name="kit" ledger={ledger} stock={kit} />
          <Button onClick={add} disabled={!kit || kit.tools.length >= MOST.tools}>
            Add a tool
          </Button>
        </div>
        <Table className="stock">
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">Name</Table.Th>
              <Table.Th scope="col">Kind</Table.Th>
              <Table.Th scope="col">Tip, {SUFFIX[units]}</Table.Th>
              <Table.Th scope="col">Dots, {SUFFIX[units]}</Table.Th>
              <Table.Th scope="col">These are</Table.Th>
              <Table.Th scope="col">One load gives</Table.Th>
              <Table.Th scope="col">Handle</Table.Th>
              <Table.Th scope="col">Note</Table.Th>
              <Table.Th scope="col">
                <span className="visually-hidden">Remove</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {kit?.tools.map((tool) => (
              <ToolLine
                key={tool.id}
                tool={tool}
                change={(label, part) => change(tool, label, part)}
                drop={() =>
                  save(
                    "Remove a tool",
                    kit.tools.filter((one) => one.id !== tool.id),
                  )
                }
              />
            ))}
          </Table.Tbody>
        </Table>
        {kit?.tools.length === 0 && (
          <p className="quiet">No tools yet. Add one and measure a dot it makes, or take a set to begin with.</p>
        )}
        <Starters of="kit" ledger={ledger} stock={kit} />
      </main>
    </Shell>
  );
}

interface LineProps {
  tool: Tool;
  change: (label: string, part: Partial<Tool>) => void;
  drop: () => void;
}

function ToolLine({ tool, change, drop }: LineProps) {
  return (
    <Table.Tr>
      <Table.Td>
        <TextField
          name={`Name of ${tool.name}`}
          value={tool.name}
          most={FACTS.name?.longest}
          onChange={(name) => change("Rename a tool", { name })}
        />
      </Table.Td>
      <Table.Td>
        <Choice
          name={`Kind of ${tool.name}`}
          value={tool.kind}
          options={wordsOf<Tool["kind"]>("Tool", "kind")}
          onChange={(kind) => change("Set the kind", { kind })}
        />
      </Table.Td>
      <Table.Td className="stock-size">
        <RuleField
          fact={FACTS.tip!}
          titled={false}
          bare
          name={`Tip of ${tool.name}`}
          value={tool.tip}
          set={(tip) => change("Set the tip", { tip: tip as number | null })}
        />
      </Table.Td>
      <Table.Td>
        <DotsFields tool={tool} onChange={(dots) => change("Measure the dots", { dots, sizes: "measured" })} />
      </Table.Td>
      <Table.Td>
        <Choice
          name={`Sizes of ${tool.name}`}
          value={tool.sizes}
          options={wordsOf<Tool["sizes"]>("Tool", "sizes")}
          onChange={(sizes) => change("Say whether the dots were measured", { sizes })}
        />
      </Table.Td>
      <Table.Td>
        <LoadFields tool={tool} onChange={(load) => change("Measure a load", { load })} />
      </Table.Td>
      <Table.Td className="stock-handle">
        <TextField
          name={`Handle of ${tool.name}`}
          value={tool.handle}
          mayBeEmpty
          most={FACTS.handle?.longest}
          onChange={(handle) => change("Say whose end a tool is", { handle })}
        />
      </Table.Td>
      <Table.Td>
        <TextField
          name={`Note on ${tool.name}`}
          value={tool.note}
          mayBeEmpty
          most={FACTS.note?.longest}
          onChange={(note) => change("Note on a tool", { note })}
        />
      </Table.Td>
      <Table.Td>
        <ActionIcon variant="subtle" aria-label={`Remove ${tool.name}`} onClick={drop}>
          <IconTrash size={17} />
        </ActionIcon>
      </Table.Td>
    </Table.Tr>
  );
}
