/** A length set by two large buttons, so that nothing has to be typed; it can be all the same. */
import { fieldsOf } from "../api/facts";
import { LengthField } from "../studio/LengthField";

const FINE = 0.1; // mm

interface Props {
  /** What is measured of a dot: its bounds and name come from the model. */
  field: "diameter" | "outward" | "right";
  value: number;
  onChange: (value: number) => void;
}

export function Stepper({ field, value, onChange }: Props) {
  const { name, least, most } = fieldsOf("Found")[field]!;
  const by = (more: number) => onChange(Math.round(Math.min(Math.max(value + more, least!), most!) * 100) / 100);
  return (
    <div className="table-stepper">
      <button type="button" className="table-act" aria-label={`${name}: less`} onClick={() => by(-FINE)}>
        −
      </button>
      <LengthField name={name!} value={value} least={least} most={most} titled onChange={onChange} />
      <button type="button" className="table-act" aria-label={`${name}: more`} onClick={() => by(FINE)}>
        +
      </button>
    </div>
  );
}
