/** The layers of a petal: each may have its own dots, span, loading, gap and shades. */
import { Button } from "@mantine/core";
import { useState } from "react";
import { type Fact, fieldsOf } from "../api/facts";
import type { Shade, TrimSize } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import type { TrimProps } from "./props";
import { OpenSizeField } from "./SizeField";
import { TrimShades } from "./TrimShades";

interface Props extends TrimProps {
  fact: Fact;
  /** The rules of the layers that have some, from the innermost on. */
  rules: Rule[];
  count: number;
  onChange: (rules: Rule[]) => void;
}

export function LayerFields({ fact, rules, count, onChange, ...props }: Props) {
  const [open, setOpen] = useState<number | null>(null);
  const model = fact.of!;
  const fresh = freshRule(model);
  const plain = JSON.stringify(fresh);
  const set = (k: number, rule: Rule) => {
    const all = Array.from({ length: Math.max(rules.length, k + 1) }, (_, j) => (j === k ? rule : (rules[j] ?? fresh)));
    while (all.length && JSON.stringify(all.at(-1)) === plain) all.pop();
    onChange(all);
  };
  const rule = open === null ? fresh : { ...fresh, ...rules[open] };
  const first = (props.trim as unknown as { size: TrimSize }).size;
  return (
    <div className="layers">
      <div className="layer-names">
        {Array.from({ length: count }, (_, k) => {
          const own = k < rules.length && JSON.stringify({ ...fresh, ...rules[k] }) !== plain;
          return (
            <Button
              key={k}
              size="compact-xs"
              variant={open === k ? "filled" : "default"}
              aria-expanded={open === k}
              onClick={() => setOpen(open === k ? null : k)}
            >
              {`${fact.name} ${k + 1}${own ? ", its own" : ""}`}
            </Button>
          );
        })}
      </div>
      {open !== null && open < count && (
        <fieldset className="layer" aria-label={`${fact.name} ${open + 1}`}>
          <div className="row-fields">
            <KindFields
              model={model}
              value={rule}
              set={(make) => set(open, make(rule))}
              without={["shades"]}
              special={{
                size: (field, own) => (
                  <OpenSizeField
                    piece={props.piece}
                    name={own.name ?? ""}
                    none={own.none ?? ""}
                    first={first}
                    size={rule[field] as TrimSize | null}
                    set={(size) => set(open, { ...rule, [field]: size })}
                  />
                ),
              }}
            />
          </div>
          <TrimShades
            {...props}
            fact={fieldsOf(model).shades!}
            name={`${fact.name} ${open + 1}`}
            shades={rule.shades as Shade[]}
            onChange={(shades) => set(open, { ...rule, shades })}
          />
        </fieldset>
      )}
    </div>
  );
}

/** A rule that says nothing: every field as its model begins it. */
function freshRule(model: string): Rule {
  return Object.fromEntries(
    Object.entries(fieldsOf(model)).map(([field, fact]) => [
      field,
      fact.written === "shades" ? [] : (fact.default ?? null),
    ]),
  );
}
