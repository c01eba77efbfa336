/** A short list to choose from, as the browser draws it: quick, and at home with every keyboard. */
interface Props<T extends string> {
  name: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  titled?: boolean;
  /** Width on screen, CSS pixels. */
  width?: number;
}

export function Choice<T extends string>({ name, value, options, onChange, titled, width }: Props<T>) {
  return (
    <span className="field" style={{ width }}>
      {titled && <span className="name">{name}</span>}
      <select className="cell" aria-label={name} value={value} onChange={(event) => onChange(event.target.value as T)}>
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </select>
    </span>
  );
}
