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

/** What a foretold size rests on: "24 dots measured just so". */
export function restsOn({ alike, measured }: Pick<SizeRange, "alike" | "measured">): string {
  const dots = (many: number) => `${many} ${many === 1 ? "dot" : "dots"} measured`;
  if (alike > 0) return `${dots(alike)} just so`;
  return measured > 0 ? `${dots(measured)} otherwise` : "its kind alone, a default";
}

/** "2.1 (1.9 to 2.3)": a size, and its range where there is one. */
export function sizeWords(diameter: number, range: SizeRange | undefined, units: Units): string {
  const size = lengthText(diameter, units, "dot");
  if (!range) return size;
  return `${size} (${lengthText(range.low, units, "dot")} to ${lengthText(range.high, units, "dot")})`;
}
