/** The step that comes now: one sentence, its tool at true size, its pot, how many, how many loads. */
import type { Piece, Plan, Step } from "../api/types";
import { spokenText, useUnits } from "../studio/units";
import { TrueSize } from "../work/TrueSize";
import { long } from "../work/times";

interface Props {
  step: Step;
  piece: Piece;
  plan: Plan;
  part: number;
  left: number;
}

export function NowCard({ step, piece, plan, part, left }: Props) {
  const units = useUnits((state) => state.units);
  const shade = step.shade === null ? undefined : plan.shades[step.shade];
  const tool = piece.tools.find((one) => one.id === step.tool);
  const own = step.parts[part];
  const end = step.parts[part + 1]?.first ?? step.dots.length;
  const soon = step.within[0];
  return (
    <>
      {step.care && part === 0 && <p className="table-care">{step.care}</p>}
      <p className="table-words">{spokenText(step.words, units)}</p>
      {own && (
        <p className="table-part">
          <strong>
            Now {own.words}: {end - own.first} {end - own.first === 1 ? "dot" : "dots"}
          </strong>
          <span className="quiet"> {step.dots.length - end} left in this step after these</span>
        </p>
      )}
      {soon && <p className="table-hurry">Within {long(soon.minutes)}, before the paint skins.</p>}
      <dl className="table-facts">
        {tool && (
          <div>
            <dt>Tool</dt>
            <dd>{tool.name}</dd>
          </div>
        )}
        {shade && (
          <div>
            <dt>Pot</dt>
            <dd>
              <span className="swatch" style={{ background: shade.colour }} /> {shade.name}
            </dd>
          </div>
        )}
        {step.dots.length > 0 && (
          <div>
            <dt>Loads</dt>
            <dd>{step.loads === step.dots.length ? "one for each dot" : step.loads}</dd>
          </div>
        )}
        <div>
          <dt>Time</dt>
          <dd>{long(step.minutes[0])}</dd>
        </div>
        <TrueSize step={step} plan={plan} tool={tool} />
      </dl>
      {step.hand !== "clear" && <p className="table-hand">Hand: {step.hand}.</p>}
      {step.cautions.map((caution) => (
        <p key={caution} className="work-caution" role="note">
          <strong>Caution.</strong> {caution}
        </p>
      ))}
      <p className="quiet small">{left === 1 ? "The last step." : `${left - 1} steps after this one.`}</p>
    </>
  );
}
