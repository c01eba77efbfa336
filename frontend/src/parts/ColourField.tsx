/** A colour with a name. The colour is picked, or its hex value typed. */
import { ColorInput } from "@mantine/core";
import { useEffect, useState } from "react";
import { fieldsOf } from "../api/facts";
import { TextField } from "../studio/TextField";

interface Props {
  name: string;
  colour: string;
  label: string;
  titled?: boolean;
  onChange: (value: { name: string; colour: string }) => void;
}

const HEX = /^#[0-9a-f]{6}$/;

export function ColourField({ name, colour, label, titled, onChange }: Props) {
  const [picked, setPicked] = useState(colour);
  useEffect(() => setPicked(colour), [colour]);
  const wrong = picked !== colour && !HEX.test(picked.toLowerCase());
  const take = (next: string) => {
    const hex = next.toLowerCase();
    if (hex !== colour && HEX.test(hex)) onChange({ name: label, colour: hex });
  };
  return (
    <span className="colour">
      <ColorInput
        label={titled ? `${name}, colour` : undefined}
        aria-label={titled ? undefined : `${name}, colour`}
        value={picked}
        format="hex"
        fixOnBlur={false}
        error={wrong ? `${name}, colour: write # and six digits or letters a to f, as in #2f8f8a.` : null}
        errorProps={{ role: "alert" }}
        onChange={setPicked}
        onChangeEnd={take}
        onBlur={() => take(picked)}
        withEyeDropper={false}
        w={112}
      />
      <TextField
        name={`${name}, name`}
        titled={titled}
        value={label}
        most={fieldsOf("Paint").name?.longest}
        onChange={(text) => onChange({ name: text, colour })}
      />
    </span>
  );
}
