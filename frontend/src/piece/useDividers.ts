/** How the screen is shared between stone, sheet and spoke: kept in the browser. */
import { useHotkeys, useLocalStorage } from "@mantine/hooks";
import { useState } from "react";

export interface Shares {
  /** Width of the stone, share of the screen in per cent. */
  stone: number;
  /** Height of the spoke, pixels. */
  spoke: number;
}

export type Filled = "stone" | "sheet" | "spoke" | null;

const FIRST: Shares = { stone: 42, spoke: 172 };

export function useDividers() {
  const [shares, setShares] = useLocalStorage<Shares>({
    key: "fernring.shares",
    defaultValue: FIRST,
    getInitialValueInEffect: false,
  });
  const [filled, setFilled] = useState<Filled>(null);
  const fill = (wanted: Filled) => () => setFilled((now) => (now === wanted ? null : wanted));
  useHotkeys(
    [
      ["F8", fill("stone")],
      ["F9", fill("sheet")],
      ["F10", fill("spoke")],
    ],
    [],
  );
  const set = (part: Partial<Shares>) => setShares((now) => ({ ...now, ...part }));
  return { shares, set, filled };
}
