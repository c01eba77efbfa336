/** One step: what to do before it, the sentence, tool, pot and time, and what it must wait for. */
import { Button } from "@mantine/core";
import type { Piece, Plan, Step, Work } from "../api/types";
import { spokenText, useUnits } from "../studio/units";
import { TrueSize } from "./TrueSize";
import { long, STATES } from "./times";

interface Props {
  step: Step;
  piece: Piece;
  plan: Plan;
  work: Work;
  onPick: (id: string) => void;
  onMove: (step: string, before: string) => void;
}

export function StepCard({ step, piece, plan, work, onPick, onMove }: Props) {
  const units = useUnits((state) => state.units);
  const at = work.steps.indexOf(step);
  const shade = step.shade === null ? undefined : plan.shades[step.shade];
  const tool = piece.tools.find((one) => one.id === step.tool);
  const [mean, quick, slow] = step.minutes;
  return (
    <section className="work-card" aria-label="This step">
      {(step.wait || step.care) && <p className="work-care">{[step.wait, step.care].filter(Boolean).join(" ")}</p>}
      <p className="work-words">{spokenText(step.words, units)}</p>
      <dl className="work-facts">
        {tool && <Fact name="Tool">{tool.name}</Fact>}
        {shade && (
          <Fact name="Pot">
            <span className="swatch" style={{ background: shade.colour }} /> {shade.name}
          </Fact>
        )}
        {step.loads > 1 && <Fact name="Loads">{step.loads}</Fact>}
        <Fact name="Time">
          {long(mean)}
          {long(quick) !== long(slow) && `, ${long(quick)} to ${long(slow)}`}
        </Fact>
        {step.turntable !== null && <Fact name="Turn the piece">{Math.round(step.turntable)}° clockwise</Fact>}
        <TrueSize step={step} plan={plan} tool={tool} />
      </dl>
      {step.hand !== "clear" && <p className="work-hand">Hand: {step.hand}.</p>}
      <Waits step={step} work={work} />
      {step.cautions.map((caution) => (
        <p key={caution} className="work-caution" role="note">
          <strong>Caution.</strong> {caution}
        </p>
      ))}
      <div className="work-buttons">
        <Button variant="default" disabled={at === 0} onClick={() => onPick(work.steps[at - 1]!.id)}>
          Step before
        </Button>
        <span className="quiet small figures">
          {at + 1} of {work.steps.length}
        </span>
        <Button disabled={at + 1 === work.steps.length} onClick={() => onPick(work.steps[at + 1]!.id)}>
          Next step
        </Button>
        <span className="grow" />
        <Button variant="subtle" disabled={at === 0} onClick={() => onMove(step.id, work.steps[at - 1]!.id)}>
          Do it earlier
        </Button>
        <Button
          variant="subtle"
          disabled={at + 1 === work.steps.length}
          onClick={() => onMove(work.steps[at + 1]!.id, step.id)}
        >
          Do it later
        </Button>
      </div>
    </section>
  );
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

/** What it waits for, and what must not wait. */
function Waits({ step, work }: { step: Step; work: Work }) {
  const ends = (id: string) => {
    const other = work.steps.find((one) => one.id === id)!;
    return other.begin + other.minutes[0];
  };
  const longest = step.after
    .filter((one) => one.state !== null)
    .sort((a, b) => ends(b.step) + b.wait - (ends(a.step) + a.wait))[0];
  const soon = step.within[0];
  if (!longest && !soon) return null;
  return (
    <p className="quiet small">
      {longest && `What lies below takes ${long(longest.wait)} until it ${STATES[longest.state!]}. `}
      {soon && `To be done within ${long(soon.minutes)}, before the paint skins.`}
    </p>
  );
}
