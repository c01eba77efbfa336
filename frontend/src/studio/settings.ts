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

/** Keep units and scheme; whoever changes them has shown them already. */
export function useChangeSettings() {
  return useChange("settings", (wanted: Pick<Settings, "units" | "scheme">) =>
    need(client.PUT("/api/studio", { body: wanted })),
  );
}

/** Keep what the test bars measured. */
export function useChangePrinter() {
  return useChange("printer", (printer: Printer) => need(client.PUT("/api/studio/printer", { body: printer })));
}

/** One change of its kind after the other. */
function useChange<Wanted>(id: string, put: (wanted: Wanted) => Promise<Settings>) {
  const queries = useQueryClient();
  return useMutation({
    scope: { id },
    mutationFn: put,
    onMutate: () => queries.cancelQueries({ queryKey: KEY }), // an older answer must not undo the choice
    onSuccess: (settings) => queries.setQueryData(KEY, settings),
  });
}
