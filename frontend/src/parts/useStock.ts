/** Today's kit and shelf, to choose from. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Kit, Paint, Shelf, Tool } from "../api/types";

const NO_KIT: Kit = { format: "fernring.kit", version: 2, tools: [] };

/** Today's kit; one without tools until it is known. */
export function useKit(): Kit {
  const query = useQuery({ queryKey: ["stock", "kit"], queryFn: () => stock("kit") });
  return (query.data as Kit | undefined) ?? NO_KIT;
}

export function useKitTools(): Tool[] {
  return useKit().tools;
}

export function useShelfStock(): Shelf | undefined {
  return useQuery({ queryKey: ["stock", "shelf"], queryFn: () => stock("shelf") }).data as Shelf | undefined;
}

export function useShelfPaints(): Paint[] {
  return useShelfStock()?.paints ?? [];
}

async function stock(ident: "kit" | "shelf") {
  return (await need(client.GET("/api/documents/{ident}", { params: { path: { ident } } }))).document;
}
