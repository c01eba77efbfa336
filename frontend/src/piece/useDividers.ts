/** Movable dividers: shares of the screen for the stone and the spoke, kept in the browser. */
import { useEffect, useState } from "react";

export interface Shares {
  /** Width of the stone, share of the screen. */
  stone: number;
  /** Height of the spoke, pixels. */
  spoke: number;
}

export type Filled = "stone" | "sheet" | "spoke" | null;

const KEY = "fernring.dividers";
const FIRST: Shares = { stone: 0.42, spoke: 172 };

export function useDividers() {
  const [shares, setShares] = useState<Shares>(() => ({ ...FIRST, ...stored() }));
  const [filled, setFilled] = useState<Filled>(null);
  useEffect(() => localStorage.setItem(KEY, JSON.stringify(shares)), [shares]);
  const set = (part: Partial<Shares>) =>
    setShares((now) => ({
      stone: Math.min(Math.max(part.stone ?? now.stone, 0.2), 0.7),
      spoke: Math.min(Math.max(part.spoke ?? now.spoke, 110), 420),
    }));
  return { shares, set, filled, setFilled };
}

function stored(): Partial<Shares> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "{}") as Partial<Shares>;
  } catch {
    return {};
  }
}
