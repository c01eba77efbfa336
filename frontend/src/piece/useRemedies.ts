/** Remedies for the verdicts of a piece at rest: each verdict is asked about in turn, as remedies are tried when somebody
 * looks and not with every plan. */
import { useEffect, useState } from "react";
import { client, need, Refusal } from "../api/client";
import type { Piece, Remedy, Verdict } from "../api/types";

interface Tried {
  of: Piece | null;
  /** By the key of the verdict; what is not there yet is still being tried. */
  found: Record<string, Remedy[]>;
}

export function useRemedies(piece: Piece | null, verdicts: Verdict[], wanted: boolean): Record<string, Remedy[]> {
  const [tried, setTried] = useState<Tried>({ of: null, found: {} });
  const keys = verdicts.filter((one) => one.accepted === null).map((one) => one.key);
  const asked = keys.join("\n");
  useEffect(() => {
    if (!wanted || !piece || !asked) return;
    const stop = new AbortController();
    void askEach(piece, asked.split("\n"), stop.signal, (key, remedies) =>
      setTried(({ of, found }) => ({ of: piece, found: { ...(of === piece ? found : {}), [key]: remedies } })),
    );
    return () => stop.abort();
  }, [piece, asked, wanted]);
  return tried.of === piece ? tried.found : {};
}

async function askEach(
  piece: Piece,
  keys: string[],
  signal: AbortSignal,
  told: (key: string, remedies: Remedy[]) => void,
): Promise<void> {
  for (const key of keys) {
    try {
      told(key, await need(client.POST("/api/remedies", { body: { piece, key }, signal })));
    } catch (cause) {
      if (signal.aborted) return;
      if (!(cause instanceof Refusal)) return; // the server is away: the next plan says so
      told(key, []);
    }
  }
}
