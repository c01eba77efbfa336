/** Everything at once, the written pattern, and the piece as a file. */
import { Button, Progress } from "@mantine/core";
import { useState } from "react";
import { download, downloadTold } from "../api/client";
import type { Piece, PrintRequest } from "../api/types";
import type { Session } from "../piece/session";
import { tellProblem } from "../studio/notice";
import { useUnits } from "../studio/units";
import { revised } from "./revised";
import { fileName } from "./room";

const FILES = [
  ["svg", "Picture, SVG"],
  ["png", "Picture, PNG"],
  ["csv", "Rows, CSV"],
  ["json", "Piece, JSON"],
] as const;

interface Props {
  session: Session;
  piece: Piece;
  request: PrintRequest;
}

export function FilesPart({ session, piece, request }: Props) {
  const units = useUnits((state) => state.units);
  const [done, setDone] = useState<number | null>(null);
  const bundle = async () => {
    setDone(0);
    try {
      const body = { ...request, units, revision: await revised(session) };
      await downloadTold("/api/print/bundle", body, fileName(piece, "everything", "zip"), (n, of) => setDone(n / of));
    } catch (cause) {
      tellProblem(cause);
    }
    setDone(null);
  };
  const written = async (format: "pdf" | "html") => {
    try {
      const body = { piece, format, paper: request.paper, units, revision: await revised(session) };
      await download("/api/print/booklet", body, fileName(piece, "pattern", format));
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <>
      <section aria-label="Everything">
        <Button fullWidth variant="light" onClick={() => void bundle()} disabled={done !== null}>
          Everything in one ZIP
        </Button>
        {done !== null && <Progress value={100 * done} aria-label="Files made" mt={6} />}
      </section>
      <section aria-label="Written pattern">
        <h2>Written pattern</h2>
        <p className="quiet small">Row by row in plain sentences, for another artist with other tools.</p>
        <div className="print-buttons">
          <Button size="xs" variant="default" onClick={() => void written("pdf")}>
            Booklet, PDF
          </Button>
          <Button size="xs" variant="default" onClick={() => void written("html")}>
            Page, HTML
          </Button>
        </div>
      </section>
      <section aria-label="Files">
        <h2>Files</h2>
        <div className="print-buttons">
          {FILES.map(([kind, name]) => (
            <Button
              key={kind}
              size="xs"
              variant="default"
              onClick={() =>
                void download(`/api/files/${kind}`, { piece }, fileName(piece, "piece", kind)).catch(tellProblem)
              }
            >
              {name}
            </Button>
          ))}
        </div>
      </section>
    </>
  );
}
