/** A pot on the shelf: its swatch over black and white, what it is, and what is left. */
import { fieldsOf } from "../api/facts";
import type { Paint } from "../api/types";
import { brushed } from "./swatch";

const FACTS = fieldsOf("Paint");
const FULL = 60; // ml at which the bar is full

interface Props {
  paint: Paint;
  open: boolean;
  onOpen: () => void;
}

export function PotCard({ paint, open, onOpen }: Props) {
  const { name, swabs, left } = paint;
  return (
    <button type="button" className="pot" aria-haspopup="dialog" aria-expanded={open} onClick={onOpen}>
      <span className="pot-ground" aria-hidden="true">
        <span className="pot-stroke" style={brushed(paint)} />
      </span>
      <strong className="pot-name">{name}</strong>
      <span className="small quiet">{described(paint)}</span>
      <span className="pot-foot small">
        {left === null || left === undefined ? (
          <span className="quiet">not said what is left</span>
        ) : (
          <>
            <span className="pot-bar" aria-hidden="true">
              <span style={{ width: `${Math.min(left / FULL, 1) * 100}%` }} />
            </span>
            <span className="figures">{left} ml</span>
          </>
        )}
        {swabs.length > 0 && <span className="pot-swabs">swabs</span>}
      </span>
    </button>
  );
}

/** Body, finish, and what else is not usual. */
function described(paint: Paint): string {
  const said: string[] = [paint.body, paint.finish];
  if (paint.cover !== "opaque") said.push(wordOf("cover", paint.cover));
  if (paint.binder !== "acrylic") said.push(paint.binder);
  if (paint.medium !== "none") said.push(`with ${wordOf("medium", paint.medium)}`);
  return said.join(", ");
}

function wordOf(field: string, key: string): string {
  return FACTS[field]?.words?.find(([one]) => one === key)?.[1] ?? key;
}
