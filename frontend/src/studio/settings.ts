/** Units and colour scheme, kept in the studio file. */
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Printer, Settings } from "../api/types";
import { useUnits } from "./units";

const KEY = ["studio"];

export function useSettings() {
  const query = useQuery({
    queryKey: KEY,
    queryFn: async ({ signal }) => {
      const settings = await need(client.GET("/api/studio", { signal }));
      if (!useUnits.getState().known) useUnits.getState().set(settings.units);
      return settings;
    },
  });
  return query.data;
}

/** Keep units and scheme; whoever changes them has shown them already. One change after the other. */
export function useChangeSettings() {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: "settings" },
    mutationFn: (wanted: Pick<Settings, "units" | "scheme">) => need(client.PUT("/api/studio", { body: wanted })),
    onMutate: () => queries.cancelQueries({ queryKey: KEY }), // an older answer must not undo the choice
    onSuccess: (settings) => queries.setQueryData(KEY, settings),
  });
}

/** Keep what the test bars measured; one change after the other. */
export function useChangePrinter() {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: "printer" },
    mutationFn: (printer: Printer) => need(client.PUT("/api/studio/printer", { body: printer })),
    onMutate: () => queries.cancelQueries({ queryKey: KEY }),
    onSuccess: (settings) => queries.setQueryData(KEY, settings),
  });
}
