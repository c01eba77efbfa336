/** A line of text, taken on Enter or on leaving the field; an empty one falls back to what it was. */
import { TextInput } from "@mantine/core";
import { useTyped } from "./useTyped";

interface Props {
  name: string;
  value: string;
  onChange: (value: string) => void;
  titled?: boolean;
  mayBeEmpty?: boolean;
  most: number | undefined;
  placeholder?: string;
  width?: number;
}

export function TextField({ name, value, onChange, titled, mayBeEmpty, most, placeholder, width }: Props) {
  const { text, setTyped, input } = useTyped(value, (typed) => {
    const given = typed.trim();
    if (given !== value && (given !== "" || mayBeEmpty)) onChange(given);
    return null;
  });
  return (
    <TextInput
      label={titled ? name : undefined}
      aria-label={titled ? undefined : name}
      value={text}
      maxLength={most}
      placeholder={placeholder}
      onChange={(event) => setTyped(event.currentTarget.value)}
      w={width}
      ref={input.ref}
      onBlur={input.onBlur}
      onKeyDown={input.onKeyDown}
    />
  );
}
