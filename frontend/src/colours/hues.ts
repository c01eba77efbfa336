/** Twelve sectors of hue, as the server counts them: from 0 degrees in Oklab, 30 degrees each. */

const NAMES = [
  "pink",
  "red",
  "orange",
  "amber",
  "yellow green",
  "green",
  "sea green",
  "turquoise",
  "sky blue",
  "blue",
  "violet",
  "purple",
];

export function hueName(sector: number): string {
  return NAMES[sector] ?? "";
}

export function hueColour(sector: number): string {
  return `oklch(0.68 0.14 ${sector * 30 + 15})`;
}
