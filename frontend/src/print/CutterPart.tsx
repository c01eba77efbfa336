/** The simulated cutter: what it would cut, on what sheet and how long, or why it will not. */
import { Button } from "@mantine/core";
import { useMutation } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { CutAnswer, PrintRequest } from "../api/types";
import { FileChooser } from "../studio/FileChooser";
import { spokenLength, useUnits } from "../studio/units";

type Format = "dxf" | "svg";
type Wanted = { format: Format; text?: string };

export function CutterPart({ request, title }: { request: PrintRequest; title: string }) {
  const job = useMutation({
    mutationFn: ({ format, text }: Wanted) =>
      text === undefined
        ? need(client.POST("/api/print/cutter", { body: { ...request, format } }))
        : need(client.POST("/api/print/cutter/file", { body: { format, text } })),
  });
  const read = async (file: File) => {
    job.mutate({ format: file.name.toLowerCase().endsWith(".svg") ? "svg" : "dxf", text: await file.text() });
  };
  return (
    <section aria-label="Cutter">
      <h2>Cutter</h2>
      <p className="quiet small">Try the file on a simulated cutter before you cut: {title.toLowerCase()}.</p>
      <div className="print-buttons">
        {(["dxf", "svg"] as const).map((format) => (
          <Button
            key={format}
            size="xs"
            variant="default"
            loading={job.isPending}
            onClick={() => job.mutate({ format })}
          >
            Try the {format.toUpperCase()}
          </Button>
        ))}
        <FileChooser accept=".dxf,.svg,image/svg+xml" onFile={read}>
          {(open) => (
            <Button size="xs" variant="subtle" onClick={open}>
              Another file
            </Button>
          )}
        </FileChooser>
      </div>
      {job.error && <p role="alert">{job.error.message}</p>}
      {job.data && !job.error && <Cut job={job.data} />}
    </section>
  );
}

function Cut({ job }: { job: CutAnswer }) {
  const units = useUnits((state) => state.units);
  const said = (mm: number) => spokenLength(mm, units, "dot");
  const minutes = Math.floor(job.seconds / 60);
  const time = minutes ? `${minutes} min ${Math.round(job.seconds % 60)} s` : `${Math.round(job.seconds)} s`;
  return (
    <figure className="print-cut">
      <svg viewBox={`0 0 ${job.width} ${job.height}`} role="img" aria-label={`${job.paths.length} lines to cut`}>
        <rect width={job.width} height={job.height} className="print-stock" />
        {job.paths.map((path, place) => (
          <polygon key={`${place}-${path[0]}`} points={path.map((point) => point.join(",")).join(" ")} />
        ))}
      </svg>
      <figcaption className="figures small">
        {job.paths.length} lines, {said(job.length)} to cut, about {time}, on a sheet of {said(job.width)} ×{" "}
        {said(job.height)}
      </figcaption>
    </figure>
  );
}
