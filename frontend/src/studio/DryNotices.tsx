/** Says on every open page when something is dry, and what that frees. */
import { useEffect, useState } from "react";
import { client, need } from "../api/client";
import type { Timers } from "../api/types";
import { onNews } from "./news";
import { tell } from "./notice";
import { spokenText, useUnits } from "./units";

type Timer = Timers["pieces"][number]["timers"][number];

const told = new Set<string>();
const LONGEST_MS = 2 ** 31 - 1; // what a browser's timer holds

export function DryNotices() {
  const [timers, setTimers] = useState<Timers | null>(null);
  useEffect(() => {
    const ask = () => need(client.GET("/api/table/timers")).then(setTimers, () => undefined); // with the next news again
    return onNews((news) => {
      if (!news || news.part === "logbook") void ask();
    });
  }, []);
  useEffect(() => {
    const waiting = (timers?.pieces ?? []).flatMap(({ piece, name, timers: own }) =>
      own.map((timer) => {
        const ms = 1000 * (timer.due - timers!.now);
        return ms < LONGEST_MS ? window.setTimeout(() => once(piece, name, timer), ms) : 0;
      }),
    );
    return () => waiting.forEach((timer) => void window.clearTimeout(timer));
  }, [timers]);
  return null;
}

/** What was told on this page is not told again. */
function once(piece: string, name: string, timer: Timer): void {
  const key = `${piece} ${timer.step} ${timer.state} ${Math.round(timer.due)}`;
  if (told.has(key)) return;
  told.add(key);
  const { units } = useUnits.getState();
  const [next] = timer.frees;
  tell(spokenText(`${name}: dry. ${timer.words}${next ? ` Next: ${next}` : ""}`, units));
}
