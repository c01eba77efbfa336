/** Dots that were measured, and how one more is told or taken back. */
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Measurement } from "../api/types";
import { newToken } from "../keeping/token";
import { tellProblem } from "../studio/notice";

const KEY = ["measurements"];
const NONE: Measurement[] = [];

export function useMeasured() {
  const queries = useQueryClient();
  const query = useQuery({
    queryKey: KEY,
    queryFn: ({ signal }) => need(client.GET("/api/measurements", { signal })),
  });
  const asked = async (ask: () => Promise<unknown>) => {
    try {
      await ask();
    } catch (cause) {
      tellProblem(cause);
    }
    await queries.invalidateQueries({ queryKey: KEY });
    await queries.invalidateQueries({ queryKey: ["predictions"] });
  };
  return {
    measured: query.data ?? NONE,
    add: (told: Omit<Measurement, "id">) =>
      asked(() => need(client.POST("/api/measurements", { body: { ...told, id: newToken() } }))),
    takeBack: (ident: string, back: boolean) =>
      asked(() =>
        need(client.POST("/api/measurements/{ident}/taken-back", { params: { path: { ident } }, body: { back } })),
      ),
  };
}
