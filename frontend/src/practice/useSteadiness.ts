/** How steady the hand was by the practice sheets, the oldest first, and what that offers. */
import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { client, need } from "../api/client";
import type { Steady } from "./onSheet";

const STEPS = 20; // of a millimetre, that an offered gap is rounded up to
const NONE: Steady[] = [];

export function useSteadiness(technique: Steady["technique"]): Steady[] {
  const told = useQuery({
    queryKey: ["practice", "steadiness"],
    queryFn: ({ signal }) => need(client.GET("/api/practice/steadiness", { signal })),
  });
  const all = (told.data as Steady[] | undefined) ?? NONE;
  return useMemo(() => all.filter((one) => one.technique === technique), [all, technique]);
}

/** The last of each tool. */
export function latest(told: readonly Steady[]): Steady[] {
  return [...new Map(told.map((one) => [one.tool, one])).values()];
}

export const offeredGap = ({ gap }: Steady) => Math.ceil(gap * STEPS) / STEPS;
