/** The three instruments side by side, and the verdicts under them. */
import { Button, Splitter } from "@mantine/core";
import { useHotkeys, useLocalStorage } from "@mantine/hooks";
import { useCallback, useMemo, useState } from "react";
import { useStore } from "zustand";
import { useShallow } from "zustand/react/shallow";
import type { Piece, Plan } from "../api/types";
import { AreasOnStone } from "../areas/AreasOnStone";
import { OnTheStone, setCentre } from "../blank/OnTheStone";
import { latest, useSteadiness } from "../practice/useSteadiness";
import { Spoke } from "../spoke/Spoke";
import { Stone } from "../stone/Stone";
import { useSeen, type Way, waysOf } from "../stone/useSeen";
import { Choice } from "../studio/Choice";
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

const SEEN_PX = 158;
/** What an eye tells apart at two metres: one minute of arc. */
const FAR_MM = 0.58;
const BLANK_MARGIN = 0.7; // room for the dimension lines round the stone

export function Instruments({ session, piece, plan }: Props) {
  const { row, shown, pointed, problem, planOf } = useStore(
    session.sight,
    useShallow(({ row, shown, pointed, problem, planOf }) => ({ row, shown, pointed, problem, planOf })),
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
  const Over = { Blank: OnTheStone, Areas: plan.blank.closed ? null : AreasOnStone }[part as string];
  const places = useMemo(
    () => (pointed?.plan === plan ? pointed.dots : (plan.verdicts.find((one) => one.key === shown)?.dots ?? [])),
    [plan, shown, pointed],
  );
  const [way, setWay] = useState<Way>("painted");
  const [beside, setBeside] = useState<Way | "">("");
  const practised = useSteadiness("row");
  const hand = useMemo(() => latest(practised), [practised]);
  const ways = waysOf(hand);
  const seen = useSeen(plan, drawn, way, hand);
  const other = useSeen(plan, drawn, beside || "painted", hand);
  const onDrawn = useCallback(() => session.drawn(plan), [session, plan]);
  const shared = {
    name: `${piece.name}, ${plan.totals.dots} dots`,
    poles: "poles" in drawn.blank.relief ? drawn.blank.relief.poles : undefined,
    sliding,
    row,
    places,
    guides: measured ? ("over" as const) : guides ? ("under" as const) : ("none" as const),
    margin: measured ? BLANK_MARGIN : undefined,
    describe: (dot: number) => <DotNote piece={drawn} plan={plan} dot={dot} />,
  };
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
                <div className="stone-pair">
                  <Stone
                    {...shared}
                    plan={seen.plan}
                    base={seen.base}
                    blur={way === "far" ? FAR_MM : 0}
                    over={
                      Over
                        ? (view, width, height) => <Over {...{ session, piece: of, plan, view, width, height }} />
                        : undefined
                    }
                    onPick={(dot, at) => {
                      if (measured && of.blank.centre.kind === "point") setCentre(session, plan, at);
                      else session.pick(dot === null ? null : plan.dots.row[dot]!);
                    }}
                    onDrawn={onDrawn}
                  />
                  {beside && (
                    <Stone
                      {...shared}
                      plan={other.plan}
                      base={other.base}
                      name={`${piece.name}, ${ways.find(([id]) => id === beside)?.[1]}`}
                      blur={beside === "far" ? FAR_MM : 0}
                      onPick={(dot) => session.pick(dot === null ? null : plan.dots.row[dot]!)}
                    />
                  )}
                </div>
                <div className="stone-seen">
                  <Choice name="Seen" value={way} options={ways} onChange={setWay} width={SEEN_PX} />
                  <Choice
                    name="Beside it, seen"
                    value={beside}
                    options={[["", "nothing beside it"], ...ways]}
                    onChange={setBeside}
                    width={SEEN_PX}
                  />
                </div>
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
