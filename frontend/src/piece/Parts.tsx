/** The parts of a piece that are edited beside the stone: rows, areas, blank, tools and colours. */
import { Tabs } from "@mantine/core";
import { memo, useDeferredValue } from "react";
import { useStore } from "zustand";
import type { Piece, Plan } from "../api/types";
import { AreasPart } from "../areas/AreasPart";
import { BlankPart } from "../blank/BlankPart";
import { ColoursPart } from "../colours/ColoursPart";
import { ToolsPart } from "../parts/ToolsPart";
import { RowSheet } from "../sheet/RowSheet";
import { spokenText, useUnits } from "../studio/units";
import type { Session } from "./session";

const PARTS = ["Rows", "Areas", "Blank", "Tools", "Colours"] as const;
export type Part = (typeof PARTS)[number];

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
  row: number | null;
  part: Part;
  setPart: (part: Part) => void;
}

export function Parts({ session, piece, plan, row, part, setPart }: Props) {
  const units = useUnits((state) => state.units);
  // While a row is slid the stone is drawn first, then the words.
  const shown = useDeferredValue(plan);
  const later = useDeferredValue(piece);
  const sliding = useStore(session.sight, (state) => state.moving !== null);
  const written = sliding ? later : piece;
  return (
    <Tabs
      value={part}
      onChange={(value) => setPart(value as Part)}
      className="parts"
      role="region"
      aria-label="The row sheet"
      keepMounted={false}
    >
      <Tabs.List aria-label="Parts of the piece">
        {PARTS.map((name) => (
          <Tabs.Tab key={name} value={name}>
            {name}
          </Tabs.Tab>
        ))}
        <span className="small quiet cut parts-words">
          {spokenText(plan.blank.words, units, "distance")}, {piece.segments} segments
        </span>
      </Tabs.List>
      <Tabs.Panel value="Rows" className="part">
        <Rows session={session} piece={written} plan={shown} row={row} sliding={sliding} />
      </Tabs.Panel>
      <Tabs.Panel value="Areas" className="part">
        <AreasPart session={session} piece={piece} closed={plan.blank.closed} setPart={setPart} />
      </Tabs.Panel>
      <Tabs.Panel value="Blank" className="part">
        <BlankPart session={session} piece={piece} plan={plan} />
      </Tabs.Panel>
      <Tabs.Panel value="Tools" className="part">
        <ToolsPart session={session} piece={piece} plan={plan} />
      </Tabs.Panel>
      <Tabs.Panel value="Colours" className="part">
        <ColoursPart session={session} piece={piece} plan={plan} />
      </Tabs.Panel>
    </Tabs>
  );
}

const Rows = memo(RowSheet);
