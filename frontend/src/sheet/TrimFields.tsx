/** One trim, open for editing: what it is, its shades, and the trims on it. */
import { ActionIcon } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { useState } from "react";
import { fieldsOf, TRIMS } from "../api/facts";
import type { Shade, Trim, TrimSize } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import { spokenText, useUnits } from "../studio/units";
import { type Answer, Asked } from "./Asked";
import { dotsOfTrim } from "./dotPlaces";
import { LayerFields } from "./LayerFields";
import { OfferedTable } from "./OfferedTable";
import type { TrimProps } from "./props";
import { ShadeTable } from "./ShadeTable";
import { SizeField, SizesField } from "./SizeField";
import { TrimFits } from "./TrimFits";
import { TrimPlaces } from "./TrimPlaces";
import { TrimShades } from "./TrimShades";
import { TrimList } from "./Trims";

const BEYOND = 10; // a circle to pull to is first offered so far outside the row (mm)

export function TrimFields(props: TrimProps) {
  const { trim, set, drop, place, number, planned, piece, row } = props;
  const units = useUnits((state) => state.units);
  const [asked, setAsked] = useState<Answer | null>(null);
  const { model, name: kind } = TRIMS[trim.kind]!;
  const name = spokenText(planned?.trims[number] ?? kind, units);
  const rule = trim as unknown as Rule;
  const lists = Object.entries(fieldsOf(model)).filter(([, fact]) => fact.written === "rules");
  const dots = dotsOfTrim(trim, props.path, place);
  const change = (part: Rule) => set({ ...rule, ...part } as unknown as Trim);
  return (
    <fieldset
      className="trim"
      disabled={row.painted?.trims.includes(trim.id)}
      aria-label={`Trim ${number + 1}: ${name}`}
    >
      <div className="trim-head">
        <strong>{name}</strong>
        <span className="grow" />
        <Asked words="What fits in this trim?" of="fits" size="compact-xs" asked={asked} onAsk={setAsked} />
        {dots.length > 0 && (
          <Asked words="What do my tools make?" of="tools" size="compact-xs" asked={asked} onAsk={setAsked} />
        )}
        <ActionIcon variant="subtle" size="sm" aria-label={`Remove trim ${number + 1}`} onClick={drop}>
          <IconTrash size={15} />
        </ActionIcon>
      </div>
      {props.row.pattern.length > 1 && props.path.length === 0 && <TrimPlaces {...props} />}
      <div className="row-fields">
        <KindFields
          model={model}
          value={rule}
          set={(make) => change(make(rule))}
          near={(planned?.walk ?? BEYOND) + BEYOND}
          without={["shades", "skips", ...lists.map(([field]) => field)]}
          special={{
            size: (field, fact) => (
              <SizeField
                piece={piece}
                name={fact.name ?? ""}
                size={rule[field] as TrimSize}
                set={(size) => change({ [field]: size })}
              />
            ),
            sizes: (field, fact) => (
              <SizesField
                piece={piece}
                name={fact.name ?? ""}
                most={fact.longest ?? 1}
                sizes={rule[field] as TrimSize[]}
                set={(sizes) => change({ [field]: sizes })}
              />
            ),
          }}
        />
      </div>
      {lists.map(([field, fact]) => (
        <LayerFields
          key={field}
          {...props}
          fact={fact}
          rules={(rule[field] ?? []) as Rule[]}
          count={rule.layers as number}
          onChange={(rules) => change({ [field]: rules })}
        />
      ))}
      <TrimShades
        {...props}
        fact={fieldsOf(model).shades!}
        shades={trim.shades as Shade[]}
        onChange={(shades) => set({ ...trim, shades } as Trim)}
      />
      <ShadeTable {...props} />
      {asked === "fits" && <TrimFits {...props} number={number} />}
      {asked === "tools" && dots.length > 0 && <OfferedTable {...props} of={`trim ${number + 1}`} places={dots} />}
      {"trims" in trim && (
        <div className="trim-inner">
          <TrimList {...props} trims={trim.trims as Trim[]} path={[...props.path, place]} first={number + 1} />
        </div>
      )}
    </fieldset>
  );
}
