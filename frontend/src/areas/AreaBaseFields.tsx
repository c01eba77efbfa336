/** The base colour of an area: none of its own, one paint, or several that blend into each other. */
import { ActionIcon, Button } from "@mantine/core";
import { IconX } from "@tabler/icons-react";
import { fieldsOf } from "../api/facts";
import type { BareArea, Piece } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import { Choice } from "../studio/Choice";

type Base = NonNullable<BareArea["base"]>;
const FACTS = fieldsOf("AreaBase");
const MOST_PAINTS = FACTS.paints?.longest ?? 1;

interface Props {
  piece: Piece;
  base: BareArea["base"];
  set: (base: BareArea["base"]) => void;
}

export function AreaBaseFields({ piece, base, set }: Props) {
  const paints = piece.paints.map(({ id, name }) => [id, name] as const);
  const begun = (): Base => ({
    paints: [piece.paints[0]!.id],
    blend: FACTS.blend?.default as Base["blend"],
    way: FACTS.way?.default as number,
    coats: FACTS.coats?.default as number,
  });
  if (!base)
    return (
      <Button size="compact-xs" variant="subtle" className="infield" onClick={() => set(begun())}>
        Give it a base colour
      </Button>
    );
  const change = (part: Partial<Base>) => set({ ...base, ...part });
  return (
    <>
      {base.paints.map((paint, k) => (
        <span key={k} className="area-paint">
          <Choice
            width={150}
            name={k === 0 ? "Base colour" : `Blended into, ${k}`}
            titled
            value={paint}
            options={paints}
            onChange={(next) => change({ paints: base.paints.map((one, other) => (other === k ? next : one)) })}
          />
          <ActionIcon
            variant="subtle"
            size="sm"
            className="infield"
            aria-label={`Leave base colour ${k + 1} out`}
            onClick={() =>
              base.paints.length > 1 ? change({ paints: base.paints.filter((_, other) => other !== k) }) : set(null)
            }
          >
            <IconX size={14} />
          </ActionIcon>
        </span>
      ))}
      {base.paints.length < MOST_PAINTS && (
        <Button
          size="compact-xs"
          variant="subtle"
          className="infield"
          onClick={() => change({ paints: [...base.paints, piece.paints.at(-1)!.id] })}
        >
          Blend into another
        </Button>
      )}
      <KindFields
        model="AreaBase"
        value={base as unknown as Rule}
        without={base.paints.length > 1 ? [] : ["blend", "way"]}
        set={(make) => set(make(base as unknown as Rule) as unknown as Base)}
      />
    </>
  );
}
