/** The changes that were refused and set aside in this browser, by whichever tab. */
import { useCallback, useEffect, useState } from "react";
import type { SetAside } from "./database";
import { listen } from "./news";
import { aside } from "./records";

export function useSetAside(): SetAside[] {
  const [found, setFound] = useState<SetAside[]>([]);
  const look = useCallback(() => void aside().then(setFound, () => setFound([])), []);
  useEffect(() => {
    look();
    return listen((news) => {
      if (news.kind === "refused" || news.kind === "let go") look();
    });
  }, [look]);
  return found;
}
