/** What blanks are made of. */
import type { Blank } from "../api/types";

export const MATERIALS = ["cast stone", "natural stone", "glazed tile", "canvas", "wood", "other"].map(
  (name) => [name as Blank["material"], name] as const,
);
