/** One field of a document, as its model says it is written. */
import type { Fact } from "../api/facts";
import { Choice } from "../studio/Choice";
import { LengthField } from "../studio/LengthField";
import { NumberField } from "../studio/NumberField";
import { TextField } from "../studio/TextField";
import { Tick } from "../studio/Tick";

export type Value = string | number | boolean | null;

interface Props {
  fact: Fact;
  value: Value | undefined;
  set: (value: Value) => void;
  /** Instead of the field's own name. */
  name?: string;
  titled?: boolean;
  /** Instead of the field's own width. */
  width?: number;
  least?: number;
  /** In a table whose head names the unit. */
  bare?: boolean;
}

const CENT = 100;

export function RuleField({ fact, value = null, set, name = fact.name ?? "", titled = true, ...given }: Props) {
  const { above, most, none } = fact;
  const shared = {
    name,
    titled,
    width: given.width ?? fact.wide,
    onEmpty: fact.open ? () => set(null) : undefined,
    none,
  };
  const least = given.least ?? fact.least;
  switch (fact.written) {
    case "length":
    case "distance": {
      const kind = fact.written === "length" ? "dot" : "distance";
      return (
        <LengthField
          {...shared}
          {...{ kind, least, most, above, bare: given.bare }}
          value={value as number | null}
          onChange={set}
        />
      );
    }
    case "share":
      return (
        <NumberField
          {...shared}
          unit="%"
          least={least === undefined ? undefined : least * CENT}
          most={most === undefined ? undefined : most * CENT}
          value={value === null ? null : Math.round((value as number) * CENT)}
          onChange={(percent) => set(percent / CENT)}
        />
      );
    case "count":
    case "number":
    case "degrees":
    case "per cent": {
      const unit = { degrees: "°", "per cent": "%", count: undefined, number: undefined }[fact.written];
      const decimals = fact.written !== "count";
      const field = { unit, decimals, least, most, above };
      return <NumberField {...shared} {...field} value={value as number | null} onChange={set} />;
    }
    case "tick":
      return (
        <Tick infield={titled} checked={value === true} onChange={set}>
          {name}
        </Tick>
      );
    case "choice": {
      const options = [...(fact.open ? [["", none ?? ""] as const] : []), ...(fact.words ?? [])];
      return (
        <Choice
          {...shared}
          value={value === null ? "" : String(value)}
          options={options}
          onChange={(next) => set(chosen(next))}
        />
      );
    }
    default:
      return (
        <TextField
          {...shared}
          most={fact.longest}
          value={String(value ?? "")}
          mayBeEmpty={!fact.fewest}
          onChange={set}
        />
      );
  }
}

/** A chosen key as the document keeps it: choices among numbers stay numbers. */
function chosen(key: string): Value {
  if (key === "") return null;
  return /^\d+$/.test(key) ? Number(key) : key;
}
