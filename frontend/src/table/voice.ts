/** Steps read aloud by the browser, where it has a voice and the artist wants it. Kept on this device. */
import { useEffect } from "react";
import { create } from "zustand";

const KEPT = "fernring.table.voice";

interface Voice {
  on: boolean;
  toggle: () => void;
}

export const useVoice = create<Voice>((set) => ({
  on: localStorage.getItem(KEPT) === "on",
  toggle: () =>
    set(({ on }) => {
      localStorage.setItem(KEPT, on ? "off" : "on");
      if (on) window.speechSynthesis?.cancel();
      return { on: !on };
    }),
}));

/** Whether this browser can speak at all. */
export function hasVoice(): boolean {
  return "speechSynthesis" in window && window.speechSynthesis.getVoices().length > 0;
}

/** Says these words when they come, and when the voice is switched on. */
export function useSpoken(words: string | null): void {
  const on = useVoice((state) => state.on);
  useEffect(() => {
    if (!words || !on || !hasVoice()) return;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
  }, [words, on]);
}
