/** Today's kit and shelf, to choose from. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Kit, Paint, Shelf, Tool } from "../api/types";

export function useKitTools(): Tool[] {
  const query = useQuery({ queryKey: ["stock", "kit"], queryFn: () => stock("kit") });
  return (query.data as Kit | undefined)?.tools ?? [];
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
