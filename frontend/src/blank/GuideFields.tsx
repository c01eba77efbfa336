/** Division and guides: segments, spokes, lines of the blank's own shape, circles, and what to draw them with. */
import { EDGED, fieldsOf } from "../api/facts";
import type { BlankReport, Piece, Plan } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import type { Session } from "../piece/session";
import { SafeGap } from "../practice/SafeGap";
import { GuideCircles } from "./GuideCircles";
import { MarkerTable } from "./MarkerTable";
import type { GuidePartProps, Guides } from "./props";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
  report: BlankReport | undefined;
}

const DIVISION = ["segments", "turn", "safe_gap"];
const OTHERS = Object.keys(fieldsOf("Piece")).filter((field) => !DIVISION.includes(field));

export function GuideFields({ session, piece, plan, report }: Props) {
  const { guides } = piece;
  const change = (label: string, make: (now: Guides) => Guides) =>
    session.edit(label, (now) => ({ ...now, guides: make(now.guides) }));
  const guide = (label: string, part: Partial<Guides>) => change(label, (now) => ({ ...now, ...part }));
  return (
    <>
      <section aria-label="Division">
        <h2>Division</h2>
        <div className="part-fields">
          <KindFields
            model="Piece"
            value={piece as unknown as Rule}
            without={OTHERS}
            set={(make) => session.edit("Divide the piece", (now) => make(now as unknown as Rule) as unknown as Piece)}
          />
        </div>
        <p className="small quiet">The safe gap counts between dots for which no row states a gap.</p>
        <SafeGap session={session} piece={piece} />
      </section>
      <section aria-label="Guides">
        <h2>Guides</h2>
        <div className="part-fields">
          <KindFields
            model="Guides"
            value={guides as unknown as Rule}
            without={unfit(piece, plan)}
            set={(make) => change("Choose the guides", (now) => make(now as unknown as Rule) as unknown as Guides)}
          />
          <Steps guides={guides} onChange={guide} />
        </div>
      </section>
      <GuideCircles piece={piece} plan={plan} onChange={guide} />
      {report && (
        <MarkerTable
          report={report}
          marker={guides.marker ?? null}
          onChange={(marker) => guide("Choose the marker", { marker })}
        />
      )}
    </>
  );
}

/** Guides that mean nothing on this blank. */
function unfit({ blank }: Piece, plan: Plan): string[] {
  return [
    ...(plan.blank.round ? [] : ["rim_ticks"]),
    ...(EDGED.includes(blank.outline.kind) ? [] : ["edge_parts"]),
    ...(plan.blank.closed || plan.blank.round ? ["boundary"] : []),
  ];
}

const FIRST_STEP = 10;

/** A first circle and then one every so often; an emptied field leaves them out. */
function Steps({ guides, onChange }: GuidePartProps & { guides: Guides }) {
  const steps = guides.steps ?? null;
  const { first, step } = fieldsOf("CircleSteps");
  const value = (steps ?? { first: null }) as Rule;
  const set = (next: Rule) =>
    onChange("Set the circles in steps", {
      steps: next.first === null ? null : { step: FIRST_STEP, ...(next as { first: number }) },
    });
  return (
    <KindFields
      model="CircleSteps"
      value={value}
      without={steps ? [] : ["step"]}
      facts={{ first: { ...first!, open: true, none: "none" }, step: step! }}
      set={(change) => set(change(value))}
    />
  );
}
