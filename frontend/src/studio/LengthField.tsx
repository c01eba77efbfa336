/** A length typed in the unit in use. What was typed is kept until it is changed; a wrong value says why. */
import { useEffect, useId, useLayoutEffect, useRef, useState } from "react";
import { type LengthKind, lengthText, parseLength, SUFFIX, spokenLength, useUnits } from "./units";

interface Props {
  name: string;
  value: number;
  kind?: LengthKind;
  least: number;
  most: number;
  onChange: (mm: number) => void;
  /** Show the name above the field; otherwise it is for screen readers only. */
  titled?: boolean;
  autoFocus?: boolean;
  disabled?: boolean;
  id?: string;
  /** Width on screen, CSS pixels. */
  width?: number;
}

export function LengthField({ name, value, kind = "dot", least, most, onChange, titled, width, ...rest }: Props) {
  const units = useUnits((state) => state.units);
  const shown = lengthText(value, units, kind);
  const { text, wrong, input } = useTyped(shown, (typed) => {
    const mm = parseLength(typed, units);
    if (mm === null) return `${name}: “${typed}” is not a length. Write for instance 12.5 or 3/4 in.`;
    if (mm < least - 1e-9 || mm > most + 1e-9)
      return `${name} must be between ${spokenLength(least, units, kind)} and ${spokenLength(most, units, kind)} (given: ${typed.trim()}).`;
    onChange(mm);
    return null;
  });
  return (
    <Field name={name} titled={titled} wrong={wrong} width={width}>
      {(describedBy) => (
        <span className="withunit">
          <input
            className="cell"
            aria-label={name}
            aria-invalid={wrong !== null}
            aria-describedby={describedBy}
            inputMode="decimal"
            value={text}
            {...input}
            {...rest}
          />
          <span className="unit">{SUFFIX[units]}</span>
        </span>
      )}
    </Field>
  );
}

interface WholeProps {
  name: string;
  value: number;
  least: number;
  most: number;
  onChange: (value: number) => void;
  titled?: boolean;
  unit?: string;
  /** Accept fractions of one, as angles do. */
  decimals?: boolean;
  width?: number;
}

/** A count or an angle. */
export function NumberField({ name, value, least, most, onChange, titled, unit, decimals, width }: WholeProps) {
  const shown = decimals ? String(Math.round(value * 1000) / 1000) : String(value);
  const { text, wrong, input } = useTyped(shown, (typed) => {
    const given = Number(typed.replace(",", "."));
    if (typed.trim() === "" || !Number.isFinite(given) || (!decimals && !Number.isInteger(given)))
      return `${name} must be a ${decimals ? "" : "whole "}number (given: ${typed.trim() || "nothing"}).`;
    if (given < least || given > most) return `${name} must be between ${least} and ${most} (given: ${given}).`;
    onChange(given);
    return null;
  });
  return (
    <Field name={name} titled={titled} wrong={wrong} width={width}>
      {(describedBy) => (
        <span className="withunit">
          <input
            className="cell"
            aria-label={name}
            aria-invalid={wrong !== null}
            aria-describedby={describedBy}
            inputMode="decimal"
            value={text}
            {...input}
          />
          {unit && <span className="unit">{unit}</span>}
        </span>
      )}
    </Field>
  );
}

interface FieldProps {
  name: string;
  titled?: boolean;
  wrong: string | null;
  width?: number;
  children: (describedBy: string | undefined) => React.ReactNode;
}

function Field({ name, titled, wrong, width, children }: FieldProps) {
  const id = useId();
  return (
    <span className="field" style={{ width }}>
      {titled && <span className="name">{name}</span>}
      {children(wrong ? id : undefined)}
      {wrong && (
        <span className="wrong" id={id} role="alert">
          {wrong}
        </span>
      )}
    </span>
  );
}

/** Text that is taken on Enter or on leaving the field, and left alone while it is wrong. */
function useTyped(shown: string, take: (typed: string) => string | null) {
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new value in the field being entered stays ready to be typed over
  useLayoutEffect(() => {
    if (typed === null && document.activeElement === field.current) field.current?.select();
  }, [shown]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new value clears what was refused, not what is being typed
  useEffect(() => {
    if (wrong === null) return;
    setTyped(null);
    setWrong(null);
  }, [shown]);
  const finish = () => {
    if (typed === null || typed === shown) {
      setTyped(null);
      setWrong(null);
      return;
    }
    const message = take(typed);
    setWrong(message);
    if (message === null) setTyped(null);
  };
  const input = {
    ref: field,
    onChange: (event: React.ChangeEvent<HTMLInputElement>) => setTyped(event.target.value),
    onBlur: finish,
    onFocus: (event: React.FocusEvent<HTMLInputElement>) => event.target.select(),
    onKeyDown: (event: React.KeyboardEvent<HTMLInputElement>) => {
      if (event.key === "Enter") finish();
      if (event.key === "Escape") {
        setTyped(null);
        setWrong(null);
      }
    },
  };
  return { text: typed ?? shown, wrong, input };
}
