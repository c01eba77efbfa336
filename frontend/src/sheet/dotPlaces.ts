/** The dots that a row and a trim set: where the rule of each stands within the row, and what it is called there. */
import { type Fact, fieldsOf, TRIMS } from "../api/facts";
import type { Row, Trim, TrimSize } from "../api/types";
import type { Rule } from "../fields/KindFields";

type Path = (string | number)[];

export interface DotPlace {
  at: Path;
  name: string;
  dot: { tool?: string | null; diameter: number; share?: number | null };
}

export function dotsOfRow({ pattern }: Row): DotPlace[] {
  return pattern.map((dot, k) => ({ at: ["pattern", k], name: `dot ${k + 1}`, dot }));
}

/** `path` are the places of the trims that it sits on, outermost first. */
export function dotsOfTrim(trim: Trim, path: number[], place: number): DotPlace[] {
  const at = [...path, place].flatMap((step): Path => ["trims", step]);
  return dotsOfRule(trim as unknown as Rule, TRIMS[trim.kind]!.model, at);
}

function dotsOfRule(rule: Rule, model: string, at: Path): DotPlace[] {
  return Object.entries(fieldsOf(model)).flatMap(([field, fact]) => dotsOfField(rule[field], fact, [...at, field]));
}

function dotsOfField(value: unknown, fact: Fact, at: Path): DotPlace[] {
  const name = fact.name ?? "";
  switch (fact.written) {
    case "size":
      return value ? [{ at, name, dot: value as TrimSize }] : [];
    case "sizes":
      return (value as TrimSize[]).map((dot, k) => ({ at: [...at, k], name: `${name} ${k + 1}`, dot }));
    case "rules":
      return ((value ?? []) as Rule[]).flatMap((own, k) =>
        dotsOfRule(own, fact.of!, [...at, k]).map((one) => ({ ...one, name: `${name} ${k + 1}: ${one.name}` })),
      );
    default:
      return [];
  }
}
