/** Which paints and tools a new piece begins with. Paints count in the order in which they are chosen. */
import type { Paint, Piece, Tool } from "../api/types";

interface Props {
  bare: Piece;
  onChange: (change: (now: Piece) => Piece) => void;
}

/** One is always left chosen: a piece needs a paint, and a design a tool. */
function toggled<T extends { id: string }>(chosen: T[], one: T): T[] {
  const without = chosen.filter((other) => other.id !== one.id);
  if (without.length === chosen.length) return [...chosen, one];
  return without.length ? without : chosen;
}

export function Paints({ paints, bare, onChange }: Props & { paints: Paint[] }) {
  return (
    <fieldset className="begin-group">
      <legend>Paints, in the order you choose them</legend>
      <div className="chips">
        {paints.map((paint) => {
          const place = bare.paints.findIndex((one) => one.id === paint.id);
          return (
            <button
              key={paint.id}
              type="button"
              className="chip"
              aria-pressed={place >= 0}
              onClick={() => onChange((now) => ({ ...now, paints: toggled(now.paints, paint) }))}
            >
              <span className="swatch" style={{ background: paint.colour }} />
              {paint.name}
              {place >= 0 && <span className="begin-place figures">{place + 1}</span>}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}

export function Tools({ tools, bare, onChange }: Props & { tools: Tool[] }) {
  const inOrder = (chosen: Tool[]) => tools.filter((one) => chosen.some((mine) => mine.id === one.id));
  return (
    <fieldset className="begin-group">
      <legend>Tools</legend>
      <div className="chips">
        {tools.map((tool) => (
          <button
            key={tool.id}
            type="button"
            className="chip square"
            aria-pressed={bare.tools.some((one) => one.id === tool.id)}
            onClick={() => onChange((now) => ({ ...now, tools: inOrder(toggled(now.tools, tool)) }))}
          >
            {tool.name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
