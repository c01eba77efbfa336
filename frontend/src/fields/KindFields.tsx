/** All fields of a rule, made from what its model says of them. A new kind of rule needs nothing here. */
import type { ReactNode } from "react";
import { type Fact, fieldsOf, type Written } from "../api/facts";
import { Choice } from "../studio/Choice";
import { RuleField, type Value } from "./RuleField";

export type Rule = { kind?: string } & Record<string, unknown>;

/** A change of a rule, made of the rule as it stands when its turn comes: fields may be edited faster than answered. */
export type ChangeRule = (change: (now: Rule) => Rule) => void;

interface Props {
  model: string;
  value: Rule;
  set: ChangeRule;
  /** Fields that need more than their facts, by how they are written. */
  special?: Partial<Record<Written, (field: string, fact: Fact) => ReactNode>>;
  /** A distance in keeping with the place (mm): where a new rule begins that has no default. */
  near?: number;
  /** Fields that stand elsewhere. */
  without?: readonly string[];
  /** Instead of what the model says. */
  facts?: Record<string, Fact>;
}

export function KindFields({ model, value, set, special = {}, near = 0, without = [], facts }: Props) {
  return Object.entries(facts ?? fieldsOf(model)).map(([field, fact]) => {
    if (!fact.written || !fact.name || without.includes(field) || !shows(fact, value)) return null;
    const own = special[fact.written];
    if (own)
      return (
        <span key={field} className="own-field">
          {own(field, fact)}
        </span>
      );
    const change = (make: (now: unknown) => unknown) => set((now) => ({ ...now, [field]: make(now[field]) }));
    if (fact.written === "variant")
      return (
        <VariantFields key={field} fact={fact} value={value[field] as Rule} set={change as ChangeRule} near={near} />
      );
    return (
      <RuleField key={field} fact={fact} value={value[field] as Value | undefined} set={(next) => change(() => next)} />
    );
  });
}

interface VariantProps {
  fact: Fact;
  value: Rule;
  set: ChangeRule;
  near: number;
}

/** A rule of several kinds: which one, and the fields of that one. */
export function VariantFields({ fact, value, set, near }: VariantProps) {
  const kind = value.kind ?? "";
  return (
    <>
      <Choice
        width={fact.wide}
        name={fact.name ?? ""}
        titled
        value={kind}
        options={fact.words ?? []}
        onChange={(next) => set(() => begun(fact, next, near))}
      />
      <KindFields model={fact.variants?.[kind] ?? ""} value={value} set={set} near={near} />
    </>
  );
}

/** A rule of this kind: fields begin with their defaults, and lengths without one near by. */
function begun(fact: Fact, kind: string, near: number): Rule {
  const fields = Object.entries(fieldsOf(fact.variants?.[kind] ?? ""));
  return { kind, ...Object.fromEntries(fields.map(([field, own]) => [field, own.default ?? near])) };
}

/** Whether other fields have the values that this one depends on. */
function shows(fact: Fact, value: Rule): boolean {
  return Object.entries(fact.when ?? {}).every(([field, wanted]) =>
    typeof wanted === "number" ? (value[field] as number) >= wanted : wanted.includes(String(value[field])),
  );
}
