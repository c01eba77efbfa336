/** Everything at once, the written pattern, and the piece as a file. */
import { Button, Progress } from "@mantine/core";
import { download } from "../api/client";
import type { Piece, PrintRequest } from "../api/types";
import type { Session } from "../piece/session";
import { tellProblem } from "../studio/notice";
import { useUnits } from "../studio/units";
import { revised } from "./revised";
import { fileName } from "./room";
import { useTold } from "./useTold";

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
  const { made, begin, stop } = useTold();
  const bundle = () =>
    begin("/api/print/bundle", fileName(piece, "everything", "zip"), async () => {
      return { ...request, units, revision: await revised(session) };
    });
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
        <Button fullWidth variant="light" onClick={() => void bundle()} disabled={made !== null}>
          Everything in one ZIP
        </Button>
        {made !== null && (
          <div className="print-made">
            <Progress value={100 * made} aria-label="Files made" />
            <Button size="xs" variant="default" onClick={stop}>
              Stop
            </Button>
          </div>
        )}
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
