/** The sheet that is looked at: what to do with it, what it shows, and its files. */
import { Button } from "@mantine/core";
import { download } from "../api/client";
import { fieldsOf } from "../api/facts";
import type { PrintRequest, SheetKind } from "../api/types";
import { KindFields } from "../fields/KindFields";
import type { Session } from "../piece/session";
import { tell, tellProblem } from "../studio/notice";
import { RowTicks } from "./RowTicks";
import { revised } from "./revised";
import { fileName, type Options } from "./room";

/** How long the bar on each page is, by the unit it is ruled in. */
const BARS = { mm: "100 mm", cm: "10 cm", inch: "4 in" } as const;

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
      if (ending === "pdf") tell(`Print it at 100 %, then measure the bar: it must be ${BARS[request.units ?? "mm"]}.`);
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <section aria-label={sheet.title}>
      <h2>{sheet.title}</h2>
      <p className="quiet small">{sheet.what}</p>
      <SheetFields sheet={sheet} request={request} options={options} onChange={onChange} />
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
  sheet: SheetKind;
  request: PrintRequest;
  options: Options;
  onChange: (options: Options) => void;
}

const ROWS = "rows";
const FIELDS = Object.keys(fieldsOf("PrintRequest"));

function SheetFields({ sheet, request, options, onChange }: FieldsProps) {
  return (
    <div className="print-fields">
      <KindFields
        model="PrintRequest"
        value={options}
        without={FIELDS.filter((field) => !sheet.asks.includes(field))}
        set={(change) => onChange(change(options) as unknown as Options)}
      />
      {sheet.asks.includes(ROWS) && (
        <RowTicks piece={request.piece} value={options.rows} onChange={(rows) => onChange({ ...options, rows })} />
      )}
    </div>
  );
}
