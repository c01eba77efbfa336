/** The blank of a piece in figures. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { BlankReport, Piece } from "../api/types";

export function useBlankReport(piece: Piece): BlankReport | undefined {
  return useQuery({
    queryKey: ["blank", piece],
    queryFn: () => need(client.POST("/api/blank", { body: piece })),
    placeholderData: (before) => before,
    retry: false,
    gcTime: 60_000,
  }).data;
}
