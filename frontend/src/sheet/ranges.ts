/** Sizes that tools of a piece make, and how sure those are that were chosen with their range. */
import type { Piece, SizeRange, Tool } from "../api/types";
import { lengthText, type Units } from "../studio/units";

/** Every size that a tool makes: as the kit has them, and as they were chosen with their range. */
export function sizesOf({ dots, ranges }: Tool): number[] {
  return [...new Set([...dots, ...ranges.map((one) => one.diameter)])];
}

/** What a dot may be made with: tool and size as one key, and in words with the range where there is one. */
export function sizeOptions(piece: Piece, units: Units): [string, string][] {
  return piece.tools.flatMap((tool) =>
    sizesOf(tool).map((diameter): [string, string] => [
      `${tool.id} ${diameter}`,
      `${tool.name}: ${sizeWords(diameter, rangeOf(piece, tool.id, diameter), units)}`,
    ]),
  );
}

export function rangeOf(piece: Piece, tool: string | null | undefined, diameter: number): SizeRange | undefined {
  return piece.tools.find(({ id }) => id === tool)?.ranges.find((one) => one.diameter === diameter);
}

/** "24 dots just so", or what else a range rests on. */
export function restsOn({ alike, measured }: SizeRange): string {
  if (alike > 0) return `${alike} ${alike === 1 ? "dot" : "dots"} measured just so`;
  return measured > 0 ? `${measured} measured otherwise` : "no dot of it measured";
}

/** "2.1 (1.9 to 2.3)": a size, and its range where there is one. */
export function sizeWords(diameter: number, range: SizeRange | undefined, units: Units): string {
  const size = lengthText(diameter, units, "dot");
  if (!range) return size;
  return `${size} (${lengthText(range.low, units, "dot")} to ${lengthText(range.high, units, "dot")})`;
}
