/** The pieces that took a tool or a paint along. */
import { useQuery } from "@tanstack/react-query";
import { Link } from "wouter";
import { client, need } from "../api/client";

interface Props {
  /** Tools or paints, and the id of one. */
  of: "tools" | "paints";
  id: string;
  name: string;
}

export function UsedIn({ of, id, name }: Props) {
  const uses = useQuery({
    queryKey: ["uses"],
    queryFn: ({ signal }) => need(client.GET("/api/stock/uses", { signal })),
  }).data;
  const own = uses?.filter((one) => one[of].includes(id)) ?? [];
  return (
    <section aria-label={`Pieces with ${name}`}>
      <h3>In these pieces</h3>
      <p className="small">
        {own.length === 0 && <span className="quiet">{uses ? "In none yet." : "Looking…"}</span>}
        {own.map((one, k) => (
          <span key={one.piece}>
            {k > 0 && ", "}
            <Link href={`/piece/${one.piece}`}>{one.name}</Link>
          </span>
        ))}
      </p>
    </section>
  );
}
