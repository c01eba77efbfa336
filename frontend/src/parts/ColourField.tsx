/** A colour with a name: the browser's own colour picker beside the words. */
import { TextField } from "../studio/TextField";

interface Props {
  name: string;
  colour: string;
  label: string;
  titled?: boolean;
  onChange: (value: { name: string; colour: string }) => void;
}

export function ColourField({ name, colour, label, titled, onChange }: Props) {
  return (
    <span className="field" style={{ width: 230 }}>
      {titled && <span className="name">{name}</span>}
      <span style={{ display: "flex", gap: 6 }}>
        <input
          type="color"
          className="cell"
          style={{ width: 44, padding: 2, flex: "none" }}
          aria-label={`${name}, colour`}
          defaultValue={colour}
          key={colour}
          onBlur={(event) => event.target.value !== colour && onChange({ name: label, colour: event.target.value })}
        />
        <TextField name={`${name}, name`} value={label} onChange={(text) => onChange({ name: text, colour })} />
      </span>
    </span>
  );
}
