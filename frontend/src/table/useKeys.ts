/** Keys and pedals: a pedal sends a key, and any key can be set. Kept on this device. */
import { useEffect, useRef } from "react";
import { create } from "zustand";

const KEPT = "fernring.table.keys";
export type Act = "next" | "back";
type Keys = Record<Act, string[]>;
const USUAL: Keys = { next: [" ", "PageDown", "ArrowRight"], back: ["Backspace", "PageUp", "ArrowLeft"] };

interface Chosen {
  keys: Keys;
  set: (act: Act, key: string) => void;
  reset: () => void;
}

export const useTableKeys = create<Chosen>((set) => ({
  keys: kept(),
  set: (act, key) =>
    set(({ keys }) => {
      const other = act === "next" ? "back" : "next";
      const next = {
        [act]: [...new Set([...keys[act], key])],
        [other]: keys[other].filter((one) => one !== key),
      } as Keys;
      localStorage.setItem(KEPT, JSON.stringify(next));
      return { keys: next };
    }),
  reset: () => {
    localStorage.removeItem(KEPT);
    set({ keys: USUAL });
  },
}));

function kept(): Keys {
  try {
    const found = JSON.parse(localStorage.getItem(KEPT) ?? "null") as Partial<Keys> | null;
    return Array.isArray(found?.next) && Array.isArray(found?.back) ? (found as Keys) : USUAL;
  } catch {
    return USUAL;
  }
}

export function keyName(key: string): string {
  return key === " " ? "Space" : key.replace(/([a-z])([A-Z])/g, "$1 $2");
}

/** A pressed button keeps its own space and enter; so does the stone its arrows. */
export function useKeys({ next, back, off }: Record<Act, () => void> & { off: boolean }): void {
  const acts = useRef({ next, back });
  acts.current = { next, back };
  const keys = useTableKeys((state) => state.keys);
  useEffect(() => {
    if (off) return;
    const press = (event: KeyboardEvent) => {
      if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
      const at = event.target as HTMLElement;
      if (at.closest("input, textarea, select, [role=dialog], [role=application]")) return;
      if (at.closest("button, a, summary") && (event.key === " " || event.key === "Enter")) return;
      const act = keys.next.includes(event.key) ? "next" : keys.back.includes(event.key) ? "back" : null;
      if (!act) return;
      event.preventDefault();
      acts.current[act]();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [keys, off]);
}
