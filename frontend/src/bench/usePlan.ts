/** The plan of a piece that is only looked at. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Piece, Plan } from "../api/types";

export function usePlan(piece: Piece | undefined, key: unknown) {
  return useQuery({
    queryKey: ["plan", key],
    queryFn: async () => (await need(client.POST("/api/plan", { body: piece! }))) as Plan,
    enabled: piece !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
}
