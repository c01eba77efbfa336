/** How many CSS pixels a millimetre of this screen has, once somebody held something known to it. Kept on this device. */
import { create } from "zustand";

const KEPT = "fern-ring-screen-scale";
/** What any screen may have, from a far projector to a sharp phone (px/mm). */
export const LEAST = 1.5;
export const MOST = 12;
/** CSS pixels of a screen that keeps to the standard: 96 to an inch. */
export const USUAL = 96 / 25.4;
/** A bank card, ISO/IEC 7810 ID-1 (mm). */
export const CARD = { width: 85.6, height: 53.98 };

interface Scale {
  /** Null until it was set: then nothing is called true size. */
  perMm: number | null;
  set: (perMm: number | null) => void;
}

export const useScale = create<Scale>((set) => ({
  perMm: kept(),
  set: (perMm) => {
    if (perMm === null) localStorage.removeItem(KEPT);
    else localStorage.setItem(KEPT, String(perMm));
    set({ perMm });
  },
}));

function kept(): number | null {
  const value = Number(localStorage.getItem(KEPT));
  return value >= LEAST && value <= MOST ? value : null;
}
