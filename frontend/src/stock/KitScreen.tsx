/** The kit: the artist's tools as they lie on the table, the smallest dots first. */
import { Button } from "@mantine/core";
import { useState } from "react";
import { fieldsOf, MOST } from "../api/facts";
import type { Kit, Tool } from "../api/types";
import { freshId } from "../piece/edits";
import { Saved, UndoRedo } from "../piece/Strip";
import { PracticePart } from "../practice/PracticePart";
import { ScreenScale } from "../studio/ScreenScale";
import { Shell } from "../studio/Shell";
import { useScale } from "../studio/scale";
import "./kit.css";
import { Starters } from "./Starters";
import { StockFiles } from "./StockFiles";
import "./stock.css";
import { ToolCard } from "./ToolCard";
import { ToolDrawer } from "./ToolDrawer";
import { useLedger } from "./useLedger";
import { useMeasured } from "./useMeasured";
import { WhichTool } from "./WhichTool";

const FACTS = fieldsOf("Tool");
const FIRST_DOT = 2.5; // what a tool nobody measured yet is taken to make (mm)

export function KitScreen() {
  const { ledger, document: kit } = useLedger<Kit>("kit");
  const { measured } = useMeasured();
  const [open, setOpen] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const [scaling, setScaling] = useState(false);
  const perMm = useScale((state) => state.perMm);
  const save = (label: string, tools: Tool[]) => kit && ledger.edit(label, { ...kit, tools });
  const change = (label: string, part: Partial<Tool>) =>
    save(
      label,
      kit!.tools.map((one) => (one.id === open ? { ...one, ...part } : one)),
    );
  const add = () => {
    const id = freshId("tool", kit!.tools);
    const kind = FACTS.kind?.default as Tool["kind"];
    const size: Pick<Tool, "tip" | "dots" | "sizes"> = { tip: null, dots: [FIRST_DOT], sizes: "typical" };
    const fresh: Tool = { id, name: "New tool", kind, ...size, handle: "", note: "", wear: "unknown", ranges: [] };
    save("Add a tool", [...kit!.tools, fresh]);
    setOpen(id);
  };
  const remove = () => {
    save(
      "Remove a tool",
      kit!.tools.filter((one) => one.id !== open),
    );
    setOpen(null);
  };
  const lying = [...(kit?.tools ?? [])].sort((a, b) => Math.min(...a.dots) - Math.min(...b.dots));
  return (
    <Shell title="Kit">
      <main className="page">
        <div className="stock-head">
          <div>
            <h1>Kit</h1>
            <p className="quiet">
              {perMm === null
                ? "Tips and dots side by side; set this screen to see them at true size."
                : "Tips and dots at true size: hold a tool to the screen."}
            </p>
          </div>
          <span className="grow" />
          <Saved ledger={ledger} />
          <UndoRedo ledger={ledger} />
          <StockFiles name="kit" ledger={ledger} stock={kit} />
          <Button onClick={add} disabled={!kit || kit.tools.length >= MOST.tools}>
            Add a tool
          </Button>
        </div>
        {lying.length > 0 && (
          <div className="tray-acts">
            <Button size="xs" variant="light" onClick={() => setAsking(true)}>
              Which of my tools is that?
            </Button>
            <Button size="xs" variant="subtle" onClick={() => setScaling(true)}>
              {perMm === null ? "Set this screen" : "Set this screen again"}
            </Button>
          </div>
        )}
        <div className="tray">
          {lying.map((tool) => (
            <ToolCard
              key={tool.id}
              tool={tool}
              many={measured.filter((one) => one.tool === tool.id).reduce((sum, one) => sum + one.diameters.length, 0)}
              open={open === tool.id}
              onOpen={() => setOpen(tool.id)}
            />
          ))}
        </div>
        {kit?.tools.length === 0 && (
          <p className="quiet">No tools yet. Add one and measure a dot it makes, or take a set to begin with.</p>
        )}
        {kit && <PracticePart kit={kit} />}
        <Starters of="kit" ledger={ledger} stock={kit} />
        <ToolDrawer
          kit={kit}
          tool={kit?.tools.find(({ id }) => id === open) ?? null}
          change={change}
          remove={remove}
          onClose={() => setOpen(null)}
        />
        {asking && kit && <WhichTool kit={kit} onClose={() => setAsking(false)} onOpen={setOpen} />}
        {scaling && <ScreenScale onClose={() => setScaling(false)} />}
      </main>
    </Shell>
  );
}
