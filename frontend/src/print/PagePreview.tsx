/** The pages themselves, rendered from the very file that is downloaded. */
import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { client, need, Refusal } from "../api/client";
import type { PageAnswer, PrintRequest } from "../api/types";
import { spokenLength } from "../studio/units";
import { MOST_PAGES } from "./room";

interface Props {
  request: PrintRequest;
  title: string;
  /** More pages are wanted than are printed unasked. */
  onMore: (most: number) => void;
}

export function PagePreview({ request, title, onMore }: Props) {
  const [number, setNumber] = useState(1);
  const page = useQuery({
    queryKey: ["page", request, number],
    queryFn: ({ signal }) =>
      need(client.POST("/api/print/page", { body: { ...request, number, pixels: 1400 }, signal })),
    placeholderData: (before) => before,
    retry: false,
  });
  const { data, error } = page;
  const last = data?.pages ?? 1;
  const at = Math.min(number, last);
  return (
    <section className="print-pages" aria-label="Pages" aria-busy={page.isFetching}>
      {error ? (
        <div role="alert" className="print-refused">
          <p>{error.message}</p>
          {error instanceof Refusal && error.code === "pages" && (
            <Button variant="default" onClick={() => onMore(MOST_PAGES)}>
              Print them all the same
            </Button>
          )}
        </div>
      ) : (
        data && <Page page={data} title={title} at={at} busy={page.isPlaceholderData} />
      )}
      {data && !error && (
        <div className="print-turn">
          {last > 1 && (
            <Button size="xs" variant="default" disabled={at <= 1} onClick={() => setNumber(at - 1)}>
              Page before
            </Button>
          )}
          <span className="figures" role="status">
            {last === 1
              ? `One page of ${data.paper}`
              : `Page ${at} of ${last} on ${data.paper}, overlapping by ${spokenLength(data.overlap, request.units ?? "mm")}`}
          </span>
          {last > 1 && (
            <Button size="xs" variant="default" disabled={at >= last} onClick={() => setNumber(at + 1)}>
              Next page
            </Button>
          )}
        </div>
      )}
    </section>
  );
}

function Page({ page, title, at, busy }: { page: PageAnswer; title: string; at: number; busy: boolean }) {
  return (
    <div
      className="print-paper"
      style={{ aspectRatio: `${page.width} / ${page.height}` }}
      data-busy={busy || undefined}
    >
      <img src={`data:image/png;base64,${page.image}`} alt={`${title}, page ${at} of ${page.pages}`} />
    </div>
  );
}
