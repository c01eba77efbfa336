/** Units and colour scheme, kept in the studio file. */
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Settings } from "../api/types";
import { useUnits } from "./units";

const KEY = ["studio"];

export function useSettings() {
  const query = useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const settings = await need(client.GET("/api/studio"));
      useUnits.getState().set(settings.units);
      return settings;
    },
  });
  return query.data;
}

export function useChangeSettings() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (wanted: Pick<Settings, "units" | "scheme">) => need(client.PUT("/api/studio", { body: wanted })),
    onSuccess: (settings) => {
      useUnits.getState().set(settings.units);
      queries.setQueryData(KEY, settings);
    },
  });
}
