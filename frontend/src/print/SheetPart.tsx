/** The sheet that is looked at: what to do with it, what it shows, and its files. */
import { Button } from "@mantine/core";
import { download } from "../api/client";
import type { PrintRequest, SheetKind } from "../api/types";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { tell, tellProblem } from "../studio/notice";
import { Tick } from "../studio/Tick";
import { RowTicks } from "./RowTicks";
import { revised } from "./revised";
import { fileName, type Options } from "./room";

const DOTS = [
  ["outlines", "as outlines"],
  ["centres", "as centres"],
  ["none", "left out"],
] as const;
const LINES = [
  ["spokes", "Spokes"],
  ["circles", "Guide circles"],
  ["border", "Border"],
] as const;

interface Props {
  session: Session;
  sheet: SheetKind;
  request: PrintRequest;
  options: Options;
  onChange: (options: Options) => void;
}

export function SheetPart({ session, sheet, request, options, onChange }: Props) {
  const { piece } = request;
  const get = async (ending: "pdf" | "svg" | "dxf") => {
    try {
      const revision = await revised(session);
      await download(`/api/print/${ending}`, { ...request, revision }, fileName(piece, sheet.id, ending));
      if (ending === "pdf") tell("Print it at 100 %, then measure the bar: it must be 100 mm.");
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <section aria-label={sheet.title}>
      <h2>{sheet.title}</h2>
      <p className="quiet small">{sheet.what}</p>
      <SheetFields kind={sheet.id} request={request} options={options} onChange={onChange} />
      <div className="print-buttons">
        <Button onClick={() => void get("pdf")}>Download PDF</Button>
        <Button variant="default" onClick={() => void get("svg")}>
          SVG
        </Button>
        {sheet.cutter && (
          <Button variant="default" onClick={() => void get("dxf")}>
            DXF
          </Button>
        )}
      </div>
    </section>
  );
}

interface FieldsProps {
  kind: string;
  request: PrintRequest;
  options: Options;
  onChange: (options: Options) => void;
}

function SheetFields({ kind, request, options, onChange }: FieldsProps) {
  if (kind === "backing")
    return (
      <div className="print-fields">
        <LengthField
          name="Smaller all round by"
          titled
          value={options.margin}
          least={0}
          most={40}
          onChange={(margin) => onChange({ ...options, margin })}
        />
        <NumberField
          name="How many"
          titled
          value={options.count}
          least={1}
          most={48}
          onChange={(count) => onChange({ ...options, count })}
        />
      </div>
    );
  if (kind === "placement" || kind === "transfer")
    return <RowTicks piece={request.piece} value={options.rows} onChange={(rows) => onChange({ ...options, rows })} />;
  if (kind !== "guide") return null;
  return (
    <div className="print-lines">
      <Choice
        name="Dots"
        titled
        value={options.dots}
        options={DOTS}
        onChange={(dots) => onChange({ ...options, dots })}
      />
      {LINES.map(([key, name]) => (
        <Tick key={key} checked={options[key]} onChange={(on) => onChange({ ...options, [key]: on })}>
          {name}
        </Tick>
      ))}
    </div>
  );
}
