/** A line of text, taken on Enter or on leaving the field; an empty one falls back to what it was. */
import { useEffect, useState } from "react";

interface Props {
  name: string;
  value: string;
  onChange: (value: string) => void;
  titled?: boolean;
  mayBeEmpty?: boolean;
  most?: number;
  className?: string;
  placeholder?: string;
}

export function TextField({
  name,
  value,
  onChange,
  titled,
  mayBeEmpty,
  most = 120,
  className = "",
  placeholder,
}: Props) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  const finish = () => {
    const text = typed.trim();
    if (text === "" && !mayBeEmpty) setTyped(value);
    else if (text !== value) onChange(text);
  };
  return (
    <span className="field">
      {titled && <span className="name">{name}</span>}
      <input
        className={`cell ${className}`}
        aria-label={name}
        value={typed}
        maxLength={most}
        placeholder={placeholder}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={finish}
        onKeyDown={(event) => {
          if (event.key === "Enter") finish();
          if (event.key === "Escape") setTyped(value);
        }}
      />
    </span>
  );
}
