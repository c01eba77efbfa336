/** Which areas a row is about: those chosen, or none. */
import type { Fact } from "../api/facts";
import { ChipsOf } from "../fields/ChipsOf";
import type { RowProps } from "./props";

interface Props extends RowProps {
  fact: Fact;
  areas: string[];
  onChange: (areas: string[]) => void;
}

export function AreasOf({ piece, fact, areas, onChange }: Props) {
  if (piece.bare.length === 0)
    return <p className="row-met">Figures, words and other areas are put on the stone under “Areas”.</p>;
  const of = piece.bare.map(({ id, name }) => ({ id, name, label: `Area ${name}` }));
  return <ChipsOf legend={fact.name ?? ""} none={fact.none ?? ""} of={of} chosen={areas} onChange={onChange} />;
}
