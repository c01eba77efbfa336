/** Units and colour scheme, kept in the studio file. */
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Printer, Settings } from "../api/types";
import { sender } from "../keeping/sender";
import { useUnits } from "./units";

const KEY = ["studio"];

export function useSettings() {
  const query = useQuery({
    queryKey: KEY,
    queryFn: async ({ signal }) => {
      const settings = await need(client.GET("/api/studio", { signal }));
      void sender.know(settings.studio);
      if (!useUnits.getState().known) useUnits.getState().set(settings.units);
      return settings;
    },
  });
  return query.data;
}

/** Keep units or scheme; whoever changes them has shown them already. */
export function useChangeSettings() {
  return useChange((part: Partial<Pick<Settings, "units" | "scheme">>, now) => {
    const { units } = useUnits.getState();
    return need(client.PUT("/api/studio", { body: { units, scheme: now?.scheme ?? "auto", ...part } }));
  });
}

/** Keep what the test bars measured, one of them or both; the settings are known by then. */
export function useChangePrinter() {
  return useChange((part: Partial<Printer>, now) =>
    need(client.PUT("/api/studio/printer", { body: { ...now!.printer, ...part } })),
  );
}

/** One change after the other, each made of the settings as they stand when its turn comes. */
function useChange<Part>(put: (part: Part, now: Settings | undefined) => Promise<Settings>) {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: "settings" },
    mutationFn: (part: Part) => put(part, queries.getQueryData<Settings>(KEY)),
    onMutate: () => queries.cancelQueries({ queryKey: KEY }), // an older answer must not undo the choice
    onSuccess: (settings) => queries.setQueryData(KEY, settings),
  });
}
