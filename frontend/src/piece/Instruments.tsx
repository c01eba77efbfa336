/** The three instruments side by side, and the verdicts under them. */
import { Button, Splitter } from "@mantine/core";
import { useHotkeys, useLocalStorage } from "@mantine/hooks";
import { useCallback, useMemo, useState } from "react";
import { useStore } from "zustand";
import { useShallow } from "zustand/react/shallow";
import type { Piece, Plan } from "../api/types";
import { OnTheStone, setCentre } from "../blank/OnTheStone";
import { Spoke } from "../spoke/Spoke";
import { Stone } from "../stone/Stone";
import { BranchNotice } from "./BranchNotice";
import { DotNote } from "./DotNote";
import { type Part, Parts } from "./Parts";
import type { Session } from "./session";
import { useDividers } from "./useDividers";
import { VerdictLine } from "./VerdictLine";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

const BLANK_MARGIN = 0.7; // room for the dimension lines round the stone

export function Instruments({ session, piece, plan }: Props) {
  const { row, shown, problem, planOf } = useStore(
    session.sight,
    useShallow(({ row, shown, problem, planOf }) => ({ row, shown, problem, planOf })),
  );
  const sliding = useStore(session.sight, ({ moving }) => (moving ? firstMoved(piece, moving) : null));
  const [guides, setGuides] = useLocalStorage({
    key: "fernring.guides",
    defaultValue: true,
    getInitialValueInEffect: false,
  });
  useHotkeys([["F7", () => setGuides((now) => !now)]], []);
  const [part, setPart] = useState<Part>("Rows");
  const { shares, set, filled } = useDividers();
  const drawn = planOf ?? piece;
  const of = sliding === null ? piece : drawn; // what is slid is shown as it was last planned
  const measured = part === "Blank";
  const places = useMemo(() => plan.verdicts.find((one) => one.key === shown)?.dots ?? [], [plan, shown]);
  const onDrawn = useCallback((drawnPlan: Plan) => session.drawn(drawnPlan), [session]);
  return (
    <main className={`instruments ${filled ? `fill-${filled}` : ""}`}>
      <BranchNotice session={session} />
      <Named
        name="Between the stone and the spoke"
        orientation="vertical"
        sizes={["100%", `${shares.spoke}px`]}
        onSizes={([, spoke]) => set({ spoke })}
      >
        <Splitter.Pane defaultSize="100%" className="pane-upper">
          <Named
            name="Between stone and sheet"
            orientation="horizontal"
            sizes={[`${shares.stone}%`, `${100 - shares.stone}%`]}
            onSizes={([stone]) => set({ stone })}
          >
            <Splitter.Pane defaultSize="42%" min="20%" max="70%" className="pane-stone">
              <section className="instrument" aria-label="The stone">
                <Stone
                  plan={plan}
                  base={drawn.blank.base.colour}
                  name={`${piece.name}, ${plan.totals.dots} dots`}
                  poles={"poles" in drawn.blank.relief ? drawn.blank.relief.poles : undefined}
                  sliding={sliding}
                  row={row}
                  places={places}
                  guides={measured ? "over" : guides ? "under" : "none"}
                  margin={measured ? BLANK_MARGIN : undefined}
                  over={
                    measured
                      ? (view, width, height) => <OnTheStone {...{ session, piece: of, plan, view, width, height }} />
                      : undefined
                  }
                  onPick={(dot, at) => {
                    if (measured && of.blank.centre.kind === "point") setCentre(session, plan, at);
                    else session.pick(dot === null ? null : plan.dots.row[dot]!);
                  }}
                  describe={(dot) => <DotNote piece={drawn} plan={plan} dot={dot} />}
                  onDrawn={onDrawn}
                />
                {!measured && (
                  <Button
                    className="stone-guides"
                    size="compact-xs"
                    variant="default"
                    aria-pressed={guides}
                    title="Show or hide the guides (F7)"
                    onClick={() => setGuides(!guides)}
                  >
                    Guides
                  </Button>
                )}
              </section>
            </Splitter.Pane>
            <Splitter.Pane defaultSize="58%" className="pane-sheet">
              <Parts {...{ session, piece: of, plan, row, part, setPart }} />
            </Splitter.Pane>
          </Named>
        </Splitter.Pane>
        <Splitter.Pane defaultSize="172px" min="110px" max="420px" className="pane-spoke">
          <section className="instrument" aria-label="The spoke">
            <Spoke session={session} plan={plan} piece={drawn} row={row} />
          </section>
        </Splitter.Pane>
      </Named>
      <VerdictLine session={session} plan={plan} problem={problem} shown={shown} />
    </main>
  );
}

interface NamedProps {
  name: string;
  orientation: "vertical" | "horizontal";
  sizes: (`${number}%` | `${number}px`)[];
  onSizes: (sizes: number[]) => void;
  children: React.ReactNode;
}

/** A splitter whose divider has a name, for who hears the screen. */
function Named({ name, orientation, sizes, onSizes, children }: NamedProps) {
  return (
    <Splitter
      orientation={orientation}
      className="splitter"
      sizes={sizes}
      step="24px"
      lineSize={6}
      withHandle={false}
      attributes={{ handle: { "aria-label": name } }}
      onSizeChange={(next) => onSizes(next.map((size) => Number.parseFloat(String(size))))}
    >
      {children}
    </Splitter>
  );
}

/** The first row that a gesture changes; rows inside it stay as they are. */
function firstMoved(piece: Piece, moving: Piece): number {
  const first = moving.rows.findIndex((row, k) => row !== piece.rows[k]);
  return Math.max(first, 0);
}
