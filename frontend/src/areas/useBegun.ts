/** A piece that comes of another one: put on the Bench and opened. */
import { useLocation } from "wouter";
import { client, need } from "../api/client";
import type { Piece } from "../api/types";
import { tellProblem } from "../studio/notice";

export function useBegun(label: string): (make: () => Promise<Piece>) => Promise<void> {
  const [, go] = useLocation();
  return async (make) => {
    try {
      const piece = await make();
      const state = await need(client.POST("/api/pieces", { body: { piece, label } }));
      go(`/piece/${state.id}`);
    } catch (cause) {
      tellProblem(cause);
    }
  };
}
