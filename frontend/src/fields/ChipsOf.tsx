/** Some of several things, each a chip that is pressed or not. */
interface Props {
  legend: string;
  /** What no chip pressed stands for. */
  none: string;
  of: readonly { id: string; name: string; label: string }[];
  chosen: readonly string[];
  onChange: (chosen: string[]) => void;
}

export function ChipsOf({ legend, none, of, chosen, onChange }: Props) {
  return (
    <fieldset className="gaps-of">
      <legend>
        {legend} {chosen.length === 0 && `(${none})`}
      </legend>
      {of.map(({ id, name, label }) => {
        const on = chosen.includes(id);
        return (
          <button
            key={id}
            type="button"
            className="chip square"
            aria-pressed={on}
            aria-label={label}
            onClick={() => onChange(on ? chosen.filter((one) => one !== id) : [...chosen, id])}
          >
            {name}
          </button>
        );
      })}
    </fieldset>
  );
}
