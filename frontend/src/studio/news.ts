/** What changed in the studio, told by the server at once; a stream that broke is opened again for as long as it takes. */
export interface News {
  piece: string;
  part: "document" | "logbook";
}

/** Null: the stream was away, and anything may have changed. */
type Listener = (news: News | null) => void;

const FIRST_PAUSE_MS = 300;
const LONGEST_PAUSE_MS = 5000;
const listeners = new Set<Listener>();
let socket: WebSocket | null = null;
let pause = FIRST_PAUSE_MS;

/** Answers how to stop listening. */
export function onNews(listener: Listener): () => void {
  listeners.add(listener);
  if (!socket) open();
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) close();
  };
}

function open(): void {
  const own = new WebSocket(`${location.protocol === "https:" ? "wss" : "ws"}://${location.host}/api/news`);
  socket = own;
  own.onopen = () => {
    pause = FIRST_PAUSE_MS;
    hear(null);
  };
  own.onmessage = (event: MessageEvent<string>) => hear(JSON.parse(event.data) as News);
  own.onclose = () => {
    if (socket !== own) return;
    socket = null;
    window.setTimeout(() => {
      if (!socket && listeners.size > 0) open();
    }, pause);
    pause = Math.min(2 * pause, LONGEST_PAUSE_MS);
  };
}

function close(): void {
  const own = socket;
  socket = null;
  own?.close();
}

function hear(news: News | null): void {
  for (const listener of [...listeners]) listener(news);
}
