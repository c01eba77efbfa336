/** Lengths as people read and type them. Inside the program everything is millimetres. */
import { create } from "zustand";

export type Units = "mm" | "cm" | "inch";

/** Dots and gaps are decimals in every unit; blanks and distances take fractions to 1/16 in inches. */
export type LengthKind = "dot" | "distance";

interface Chosen {
  units: Units;
  /** Whether this page knows its units: an answer that comes late must not undo what was chosen meanwhile. */
  known: boolean;
  set: (units: Units) => void;
}

export const useUnits = create<Chosen>((set) => ({
  units: "mm",
  known: false,
  set: (units) => set({ units, known: true }),
}));

const PER_UNIT: Record<Units, number> = { mm: 1, cm: 10, inch: 25.4 };
const DECIMALS: Record<Units, number> = { mm: 2, cm: 3, inch: 3 };
export const SUFFIX: Record<Units, string> = { mm: "mm", cm: "cm", inch: "in" };

/** The number alone, for fields and tables. */
export function lengthText(mm: number, units: Units, kind: LengthKind): string {
  const value = mm / PER_UNIT[units];
  if (units === "inch" && kind === "distance") return fraction(value) ?? trimmed(value, DECIMALS.inch);
  return trimmed(value, DECIMALS[units]);
}

/** The number for an axis, as fine as it is typed. */
export function onAxis(mm: number, units: Units): number {
  const fine = 10 ** DECIMALS[units];
  return Math.round((mm / PER_UNIT[units]) * fine) / fine;
}

/** The number with its unit, for sentences. */
export function spokenLength(mm: number, units: Units, kind: LengthKind = "dot"): string {
  return `${lengthText(mm, units, kind)} ${SUFFIX[units]}`;
}

/** A limit with its unit, rounded by Math.ceil or Math.floor so that the length said may stand. */
export function spokenLimit(mm: number, units: Units, round: (value: number) => number, kind: LengthKind): string {
  const fine = 10 ** DECIMALS[units] / PER_UNIT[units];
  const slack = round === Math.ceil ? -1e-6 : 1e-6;
  return spokenLength(round(mm * fine + slack) / fine, units, kind);
}

const BRACED = /\{(-?[\d.e-]+)\}/g;

/** A sentence whose lengths stand in braces, in millimetres, as the server writes it. */
export function spokenText(text: string, units: Units, kind: LengthKind = "dot"): string {
  return text.replace(BRACED, (_, mm: string) => spokenLength(Number(mm), units, kind));
}

/** The same for a column that names its unit at the head. */
export function columnText(text: string, units: Units, kind: LengthKind = "dot"): string {
  return text.replace(BRACED, (_, mm: string) => lengthText(Number(mm), units, kind));
}

/** Whole and sixteenths where the value is one to within a thousandth of an inch. */
function fraction(inches: number): string | null {
  const sixteenths = Math.round(inches * 16);
  if (Math.abs(inches * 16 - sixteenths) > 0.016) return null;
  const whole = Math.trunc(sixteenths / 16);
  let over = Math.abs(sixteenths % 16);
  let under = 16;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  if (over === 0) return `${whole}`;
  return whole === 0 ? `${sixteenths < 0 ? "-" : ""}${over}/${under}` : `${whole} ${over}/${under}`;
}

function trimmed(value: number, decimals: number): string {
  const text = value.toFixed(decimals);
  const short = text.includes(".") ? text.replace(/\.?0+$/, "") : text;
  return short === "-0" ? "0" : short;
}

const NAMED: Record<string, Units> = {
  mm: "mm",
  cm: "cm",
  in: "inch",
  inch: "inch",
  '"': "inch",
  "″": "inch",
};

/**
 * Millimetres from what was typed: 12, 12.5, 12,5, 3/4, 4 1/4, and sums and differences of such (20 + 2.5); null if it
 * is no length. Each number may have its unit; one without has that of the number after it, the last one `units`.
 */
export function parseLength(typed: string, units: Units): number | null {
  const terms = [...`+ ${typed.trim()}`.matchAll(TERM)];
  if (terms.map(([term]) => term).join("") !== `+ ${typed.trim()}`) return null;
  let unit = units;
  let sum = 0;
  for (const [, plus, , minus, text, named] of terms.reverse()) {
    const amount = parseAmount(text ?? "");
    if (amount === null) return null;
    unit = NAMED[(named ?? "").toLowerCase()] ?? unit;
    sum += (plus ? 1 : -1) * (minus ? -1 : 1) * amount * PER_UNIT[unit];
  }
  return sum;
}

/** A sign, and what is added or taken away. A minus between numbers has spaces about it: 4-1/4 is a mixed number. */
const TERM =
  /(?:\s*([+])\s*|\s+([-−])\s+)(-?)\s*(\d[\d\s.,/-]*?|[.,]\d+)\s*(mm|cm|inch|in|"|″)?(?=\s*[+]|\s+[-−]\s|$)/gi;

function parseAmount(text: string): number | null {
  const decimal = /^(\d+(?:[.,]\d*)?|[.,]\d+)$/.exec(text);
  if (decimal) return Number(text.replace(",", "."));
  const parts = /^(?:(\d+)(?:\s+|-))?(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (!parts || Number(parts[3]) === 0) return null;
  return Number(parts[1] ?? 0) + Number(parts[2]) / Number(parts[3]);
}
