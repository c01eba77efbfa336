/** On paper and as files: the full-size guide with its pages, and the piece as picture, table and document. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "wouter";
import { useStore } from "zustand";
import { client, download, need } from "../api/client";
import type { GuideRequest, Piece } from "../api/types";
import type { Session } from "../piece/session";
import { useSession } from "../piece/useSession";
import { Choice } from "../studio/Choice";
import { Lost } from "../studio/Lost";
import { tell, tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import "./print.css";
import { Tick } from "../studio/Tick";
import { Pages } from "./Pages";

type Options = Omit<GuideRequest, "piece">;

const FIRST: Options = { paper: "A4", spokes: true, circles: true, border: true, dots: "outlines" };
const PAPERS = [
  ["A4", "A4"],
  ["Letter", "US Letter"],
] as const;
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

export function PrintScreen({ id }: { id: string }) {
  const session = useSession(id);
  const piece = useStore(session.ledger.store, (state) => state.document);
  const lost = useStore(session.ledger.store, (state) => state.lost);
  const [options, setOptions] = useState<Options>(FIRST);
  if (lost) return <Lost why={lost} />;
  return (
    <Shell title="Print" strip={<PrintStrip id={id} name={piece?.name ?? ""} />}>
      {piece && (
        <main className="print">
          <div className="print-form">
            <Guide session={session} piece={piece} options={options} onChange={setOptions} />
            <Files piece={piece} />
          </div>
          <Preview piece={piece} options={options} />
        </main>
      )}
    </Shell>
  );
}

function PrintStrip({ id, name }: { id: string; name: string }) {
  return (
    <>
      <Link href="/" className="plainlink">
        Bench
      </Link>
      <Link href={`/piece/${id}`} className="plainlink">
        {name || "Piece"}
      </Link>
      <strong>Print</strong>
      <span className="grow" />
    </>
  );
}

interface GuideProps {
  session: Session;
  piece: Piece;
  options: Options;
  onChange: (options: Options) => void;
}

function Guide({ session, piece, options, onChange }: GuideProps) {
  const get = async () => {
    try {
      await download("/api/files/guide", { piece, ...options }, fileName(piece, "guide", "pdf"));
      await session.ledger.revise("printed");
      tell("Print it at 100 %, then measure the bar: it must be 100 mm.");
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <section aria-label="Full-size guide">
      <h1>Full-size guide</h1>
      <p className="quiet small">
        Lay it on the blank, prick or trace through. Print at 100 %, never fitted to the page.
      </p>
      <div className="print-fields">
        <Choice
          name="Paper"
          titled
          value={options.paper}
          options={PAPERS}
          onChange={(paper) => onChange({ ...options, paper })}
        />
        <Choice
          name="Dots"
          titled
          value={options.dots}
          options={DOTS}
          onChange={(dots) => onChange({ ...options, dots })}
        />
      </div>
      <div className="print-lines">
        {LINES.map(([key, name]) => (
          <Tick key={key} checked={options[key]} onChange={(on) => onChange({ ...options, [key]: on })}>
            {name}
          </Tick>
        ))}
      </div>
      <Button onClick={() => void get()}>Download the guide (PDF)</Button>
    </section>
  );
}

const FILES = [
  ["svg", "Picture in real millimetres (SVG)"],
  ["png", "Picture (PNG)"],
  ["csv", "Rows as a table (CSV)"],
  ["json", "The piece, for any studio (JSON)"],
] as const;

function Files({ piece }: { piece: Piece }) {
  return (
    <section aria-label="Files">
      <h2>Files</h2>
      <div className="print-files">
        {FILES.map(([kind, name]) => (
          <Button
            key={kind}
            variant="default"
            justify="start"
            onClick={() =>
              void download(`/api/files/${kind}`, { piece }, fileName(piece, "piece", kind)).catch(tellProblem)
            }
          >
            {name}
          </Button>
        ))}
      </div>
    </section>
  );
}

/** A name every disk takes: letters, digits and hyphens. */
export function fileName(piece: Piece, what: string, ending: string): string {
  const plain = piece.name
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
  return `${plain.slice(0, 60) || "piece"}-${what}.${ending}`;
}

function Preview({ piece, options }: { piece: Piece; options: Options }) {
  const query = useQuery({
    queryKey: ["guide", piece, options],
    queryFn: () => need(client.POST("/api/files/guide/preview", { body: { piece, ...options } })),
    placeholderData: (before) => before,
    retry: false,
  });
  return (
    <section className="print-pages" aria-label="Pages">
      {query.error && <p role="alert">{query.error.message}</p>}
      {query.data && !query.error && <Pages guide={query.data} paper={options.paper} />}
    </section>
  );
}
