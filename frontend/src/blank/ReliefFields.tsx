/** What the blank looks like from the side, with its measures. */
import { RELIEFS, ROUND_RELIEFS, wordsOf } from "../api/facts";
import type { Outline, Relief } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import { Choice } from "../studio/Choice";

interface Props {
  outline: Outline;
  relief: Relief;
  /** Another kind, in proportion to the blank; without it the kind is chosen elsewhere. */
  onKind?: (kind: Relief["kind"]) => void;
  onChange: (change: (now: Relief) => Relief) => void;
}

export function ReliefFields({ outline, relief, onKind, onChange }: Props) {
  const words = wordsOf<Relief["kind"]>("Blank", "relief");
  const options = outline.kind === "round" ? words : words.filter(([kind]) => !ROUND_RELIEFS.includes(kind));
  return (
    <>
      {onKind && <Choice name="Relief" titled value={relief.kind} options={options} onChange={onKind} />}
      <KindFields
        model={RELIEFS[relief.kind] ?? ""}
        value={relief as unknown as Rule}
        set={(change) => onChange((now) => inProportion(now, change(now as unknown as Rule) as unknown as Relief))}
      />
    </>
  );
}

/** An egg that is made longer is widest at the same share of its length. */
function inProportion(now: Relief, next: Relief): Relief {
  if (now.kind !== "egg" || next.kind !== "egg" || now.length === next.length) return next;
  return { ...next, widest: (now.widest / now.length) * next.length };
}
