/** Practice sheets in the kit: made, printed, photographed and read, and how steady the hand became by them. */
import { Button, Checkbox, Modal } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { client, need } from "../api/client";
import { fieldsOf, wordsOf } from "../api/facts";
import type { Kit, Measurement } from "../api/types";
import { sheetPicture } from "../photo/benchCamera";
import { today } from "../stock/mixed";
import { PICTURES } from "../stock/PhotoColour";
import { Choice } from "../studio/Choice";
import { FileChooser } from "../studio/FileChooser";
import { tell, tellProblem } from "../studio/notice";
import { spokenLength, useUnits } from "../studio/units";
import type { PracticeSheet, Reading } from "./onSheet";
import "./practice.css";
import { SheetDesk } from "./SheetDesk";

const SteadyPlot = lazy(() => import("./SteadyPlot")); // its charts are large
const MOST_TOOLS = fieldsOf("SheetRequest").tools!.longest!;
const SHOWN = 4; // sheets

export function PracticePart({ kit }: { kit: Kit }) {
  const queries = useQueryClient();
  const [choosing, setChoosing] = useState(false);
  const [file, setFile] = useState<File | null>(null);
  const [taking, setTaking] = useState<number | null>(null);
  const sheets = useQuery({
    queryKey: ["practice", "sheets"],
    queryFn: ({ signal }) => need(client.GET("/api/practice/sheets", { signal })),
  });
  const readings = useQuery({
    queryKey: ["practice", "readings"],
    queryFn: ({ signal }) => need(client.GET("/api/practice/readings", { signal })),
  });
  const fresh = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ["practice"] }),
      queries.invalidateQueries({ queryKey: ["measurements"] }),
      queries.invalidateQueries({ queryKey: ["predictions"] }),
    ]);
  const keep = async (reading: Reading) => {
    try {
      await need(client.POST("/api/practice/readings", { body: reading }));
      setFile(null);
      tell(`Sheet ${reading.sheet}: ${reading.dots.length} dots kept as measurements.`);
    } catch (cause) {
      tellProblem(cause);
    }
    await fresh();
  };
  const takeBack = async (ident: string) => {
    try {
      const path = { ident };
      await need(client.POST("/api/practice/readings/{ident}/taken-back", { params: { path }, body: { back: true } }));
    } catch (cause) {
      tellProblem(cause);
    }
    await fresh();
  };
  const take = async (number: number) => {
    setTaking(number);
    try {
      setFile(await sheetPicture(number));
    } catch (cause) {
      tellProblem(cause);
    } finally {
      setTaking(null);
    }
  };
  return (
    <section aria-label="Practice" className="practice">
      <h2>Practice</h2>
      <p className="quiet">
        Print a sheet, dot it, photograph it: every dot on it is measured, and you see how steady your hand is.
      </p>
      <div className="tray-acts">
        <Button size="xs" onClick={() => setChoosing(true)} disabled={kit.tools.length === 0}>
          New practice sheet…
        </Button>
        <FileChooser accept={PICTURES} onFile={async (chosen) => setFile(chosen)}>
          {(open) => (
            <Button size="xs" variant="light" onClick={open} disabled={!sheets.data?.length}>
              Read a painted sheet…
            </Button>
          )}
        </FileChooser>
      </div>
      {sheets.data && sheets.data.length > 0 && (
        <ul className="sheets" aria-label="Practice sheets">
          {sheets.data.slice(0, SHOWN).map((sheet) => (
            <Sheet
              key={sheet.number}
              sheet={sheet}
              readings={(readings.data ?? []).filter((one) => one.sheet === sheet.number)}
              taking={taking === sheet.number}
              onTake={() => void take(sheet.number)}
              onTakeBack={(ident) => void takeBack(ident)}
            />
          ))}
        </ul>
      )}
      {readings.data && readings.data.length > 0 && (
        <Suspense fallback={<p className="small quiet">Drawing…</p>}>
          <SteadyPlot kit={kit} />
        </Suspense>
      )}
      {choosing && <NewSheet kit={kit} onClose={() => setChoosing(false)} onMade={() => void fresh()} />}
      {file && <SheetDesk file={file} onKeep={(reading) => void keep(reading)} onClose={() => setFile(null)} />}
    </section>
  );
}

interface SheetProps {
  sheet: PracticeSheet;
  readings: Reading[];
  taking: boolean;
  onTake: () => void;
  onTakeBack: (ident: string) => void;
}

function Sheet({ sheet, readings, taking, onTake, onTakeBack }: SheetProps) {
  return (
    <li>
      <span>
        <b>Sheet {sheet.number}</b>, {sheet.tools.map((tool) => tool.name).join(", ")}
        <span className="small quiet">
          {" "}
          {sheet.body} paint on {sheet.surface}, made {sheet.day}
        </span>
      </span>
      <span className="sheet-acts">
        <Button component="a" size="compact-xs" variant="light" href={`/api/practice/sheets/${sheet.number}/pdf`}>
          Print
        </Button>
        <Button
          size="compact-xs"
          variant="subtle"
          loading={taking}
          onClick={onTake}
          title="Simulated: a made-up hand paints the sheet, and it is photographed"
        >
          Try with the bench camera
        </Button>
      </span>
      {readings.map((one) => (
        <span key={one.id} className="small sheet-read">
          read {one.day}: {one.dots.length} dots
          <Button size="compact-xs" variant="subtle" onClick={() => onTakeBack(one.id)}>
            Take back
          </Button>
        </span>
      ))}
    </li>
  );
}

type Combination = Pick<Measurement, "body" | "surface">;

function NewSheet({ kit, onClose, onMade }: { kit: Kit; onClose: () => void; onMade: () => void }) {
  const units = useUnits((state) => state.units);
  const [tools, setTools] = useState<string[]>([]);
  const [with_, setWith] = useState<Combination>({ body: "medium", surface: "canvas" });
  const [wrong, setWrong] = useState("");
  const make = async () => {
    try {
      const body = { kit, tools, ...with_, day: today() };
      const sheet = await need(client.POST("/api/practice/sheets", { body }));
      onMade();
      onClose();
      window.location.assign(`/api/practice/sheets/${sheet.number}/pdf`);
    } catch (cause) {
      setWrong((cause as Error).message);
    }
  };
  const lying = [...kit.tools].sort((a, b) => a.dots[0]! - b.dots[0]!);
  return (
    <Modal opened onClose={onClose} title="A new practice sheet" closeButtonProps={{ "aria-label": "Close" }}>
      <div className="new-sheet">
        <p className="small quiet">
          Up to {MOST_TOOLS} tools: each gets a row, a ring, one load walked until it is out, and swipes.
        </p>
        <Checkbox.Group label="Tools" value={tools} onChange={setTools}>
          <div className="new-sheet-tools">
            {lying.map((tool) => (
              <Checkbox
                key={tool.id}
                value={tool.id}
                label={`${tool.name}, ${spokenLength(tool.dots[0]!, units)}`}
                disabled={!tools.includes(tool.id) && tools.length >= MOST_TOOLS}
              />
            ))}
          </div>
        </Checkbox.Group>
        <div className="part-fields">
          <Choice
            name="Paint"
            titled
            value={with_.body}
            options={wordsOf<Combination["body"]>("Measurement", "body")}
            onChange={(body) => setWith((now) => ({ ...now, body }))}
          />
          <Choice
            name="On"
            titled
            value={with_.surface}
            options={wordsOf<Combination["surface"]>("Measurement", "surface")}
            onChange={(surface) => setWith((now) => ({ ...now, surface }))}
          />
        </div>
        {wrong && (
          <p className="blank-wrong" role="alert">
            {wrong}
          </p>
        )}
        <Button disabled={tools.length === 0} onClick={() => void make()}>
          Make it and open its PDF
        </Button>
      </div>
    </Modal>
  );
}
