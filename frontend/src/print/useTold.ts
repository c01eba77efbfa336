/** A download that is told of while it is made: how far it is, and how it is stopped; it stops with what began it. */
import { useEffect, useRef, useState } from "react";
import { downloadTold } from "../api/client";
import { tellProblem } from "../studio/notice";

interface Told {
  /** The share that is made, null while nothing is. */
  made: number | null;
  begin: (url: string, name: string, body: () => Promise<unknown>) => Promise<void>;
  stop: () => void;
}

export function useTold(): Told {
  const [made, setMade] = useState<number | null>(null);
  const going = useRef<AbortController | null>(null);
  const stop = () => going.current?.abort();
  useEffect(() => () => going.current?.abort(), []);
  const begin: Told["begin"] = async (url, name, body) => {
    const call = new AbortController();
    going.current = call;
    setMade(0);
    try {
      await downloadTold(url, await body(), name, (done, of) => setMade(done / of), call.signal);
    } catch (cause) {
      if (!call.signal.aborted) tellProblem(cause);
    }
    setMade(null);
  };
  return { made, begin, stop };
}
