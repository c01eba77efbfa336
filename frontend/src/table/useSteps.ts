/** The steps of a piece and its plan, asked for together since the steps count the plan's dots. */
import { useEffect, useState } from "react";
import { client, need } from "../api/client";
import type { Book, Piece, Plan, Taught, Work } from "../api/types";

export interface Steps {
  piece: Piece;
  work: Work;
  plan: Plan;
  taught: Taught;
}

interface Asked {
  steps: Steps | null;
  /** Why there are none yet, or no newer ones. */
  problem: string | null;
}

/** The last ones stay while newer are worked out, and while nobody answers. */
export function useSteps(piece: Piece | null, book: Book | null): Asked {
  const [asked, setAsked] = useState<Asked>({ steps: null, problem: null });
  const [taught, setTaught] = useState<Taught | null>(null);
  const reports = book?.taught;
  useEffect(() => {
    if (reports === undefined) return; // of what is learned only a new report of drying changes steps that are open
    need(client.GET("/api/table/taught")).then(setTaught, () => undefined);
  }, [reports]);
  useEffect(() => {
    if (!piece || !taught) return;
    const call = new AbortController();
    const { signal } = call;
    const body = { piece, ...taught };
    const work = need(client.POST("/api/work", { body, signal }));
    const plan = need(client.POST("/api/plan", { body: piece, params: { query: { verdicts: "no" } }, signal }));
    Promise.all([work, plan]).then(
      ([steps, dots]) => setAsked({ steps: { piece, work: steps as Work, plan: dots as Plan, taught }, problem: null }),
      (cause: Error) => {
        if (!signal.aborted) setAsked((before) => ({ ...before, problem: cause.message }));
      },
    );
    return () => call.abort();
  }, [piece, taught]);
  return asked;
}
