/** The print room: every sheet of a piece as it will come out of the printer, and files for a cutter. */
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "wouter";
import { useStore } from "zustand";
import { client, need } from "../api/client";
import type { Piece, PrintRequest } from "../api/types";
import type { Session } from "../piece/session";
import { useSession } from "../piece/useSession";
import { Lost } from "../studio/Lost";
import { Opening } from "../studio/Opening";
import { Shell } from "../studio/Shell";
import { useSettings } from "../studio/settings";
import { useUnits } from "../studio/units";
import { CutterPart } from "./CutterPart";
import { FilesPart } from "./FilesPart";
import { PagePreview } from "./PagePreview";
import { PaperFields } from "./PaperFields";
import { PrinterFields } from "./PrinterFields";
import "./print.css";
import { useMargin } from "../colours/useMargin";
import { useShelfStock } from "../parts/useStock";
import { FIRST, type Options } from "./room";
import { SheetList } from "./SheetList";
import { SheetPart } from "./SheetPart";

export function PrintScreen({ id }: { id: string }) {
  const session = useSession(id);
  const piece = useStore(session.ledger.store, (state) => state.document);
  const lost = useStore(session.ledger.store, (state) => state.lost);
  if (lost) return <Lost why={lost} />;
  return (
    <Shell title="Print room" strip={<PrintStrip id={id} name={piece?.name ?? ""} />}>
      {piece ? <Room session={session} piece={piece} /> : <Opening />}
    </Shell>
  );
}

function PrintStrip({ id, name }: { id: string; name: string }) {
  return (
    <>
      <Link href="/" className="plainlink">
        Bench
      </Link>
      <Link href={`/piece/${id}`} className="plainlink print-name">
        <bdi>{name || "Piece"}</bdi>
      </Link>
      <strong>Print room</strong>
      <span className="grow" />
    </>
  );
}

function Room({ session, piece }: { session: Session; piece: Piece }) {
  const [kind, setKind] = useState("guide");
  const [margin] = useMargin();
  const [options, setOptions] = useState<Options>({ ...FIRST, extra: margin });
  const shelf = useShelfStock();
  const settings = useSettings();
  const units = useUnits((state) => state.units);
  const sheets = useQuery({
    queryKey: ["sheets", piece],
    queryFn: () => need(client.POST("/api/print/sheets", { body: { piece } })),
    placeholderData: (before) => before,
  });
  const sheet = sheets.data?.find((one) => one.id === kind) ?? sheets.data?.[0];
  if (!sheet || !settings)
    return <main className="print">{sheets.error && <p role="alert">{sheets.error.message}</p>}</main>;
  const own = sheet.asks.includes("extra") ? { shelf } : {};
  const { printer } = settings;
  const request: PrintRequest = { piece, kind: sheet.id, ...options, ...own, printer, revision: "", units };
  return (
    <main className="print">
      <div className="print-side">
        <SheetList sheets={sheets.data ?? []} value={sheet.id} onChange={setKind} />
        <FilesPart session={session} piece={piece} request={request} />
      </div>
      <PagePreview
        key={sheet.id}
        request={request}
        title={sheet.title}
        onMore={(most_pages) => setOptions({ ...options, most_pages })}
      />
      <div className="print-side">
        <SheetPart session={session} sheet={sheet} request={request} options={options} onChange={setOptions} />
        <PaperFields options={options} onChange={setOptions} />
        {sheet.cutter && <CutterPart request={request} title={sheet.title} />}
        <PrinterFields printer={settings.printer} onBars={() => setKind("bars")} />
      </div>
    </main>
  );
}
