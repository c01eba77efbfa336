/** What becomes of changes, told to every tab of this address. */
import type { Saved } from "../api/types";

export type News =
  | { kind: "kept"; id: string }
  | { kind: "saved"; id: string; saved: Saved }
  | { kind: "let go"; id: string }
  | { kind: "refused"; id: string; reason: string }
  | { kind: "delayed"; id: string; reason: string | null };

type Listener = (news: News) => void;

const channel = new BroadcastChannel("fernring");
const listeners = new Set<Listener>();

channel.onmessage = (event: MessageEvent<News>) => hear(event.data);

/** Answers how to stop listening. */
export function listen(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Tell this tab and all others. */
export function tellAll(news: News): void {
  hear(news);
  channel.postMessage(news);
}

function hear(news: News): void {
  for (const listener of [...listeners]) listener(news);
}
