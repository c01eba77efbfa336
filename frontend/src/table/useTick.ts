/** Draws anew every so often, for what counts down. */
import { useEffect, useState } from "react";

export function useTick(ms: number): void {
  const [, set] = useState(0);
  useEffect(() => {
    const timer = window.setInterval(() => set((count) => count + 1), ms);
    return () => window.clearInterval(timer);
  }, [ms]);
}
