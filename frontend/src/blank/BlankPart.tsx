/** The blank of the piece: outline, relief, border, centre, guides. Its measures stand on the stone beside. */
import { fieldsOf, wordsOf } from "../api/facts";
import type { Blank, Piece, Plan } from "../api/types";
import { ColourField } from "../parts/ColourField";
import { StonePhoto } from "../photo/StonePhoto";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { spokenLength, useUnits } from "../studio/units";
import { BorderFields } from "./BorderFields";
import { outlineBegun, reliefBegun, withOutline } from "./begun";
import "./blank.css";
import { CentreFields } from "./CentreFields";
import { GuideFields } from "./GuideFields";
import { OutlineFields } from "./OutlineFields";
import { ReliefFields } from "./ReliefFields";
import { RingTable } from "./RingTable";
import { SideView } from "./SideView";
import { useBlankReport } from "./useBlankReport";
import { useTried } from "./useTried";

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

export function BlankPart({ session, piece, plan }: Props) {
  const { tryBlank, wrong } = useTried(session);
  const report = useBlankReport(piece);
  const units = useUnits((state) => state.units);
  const { blank } = piece;
  return (
    <div className="part-body blank-part">
      {wrong && (
        <p className="blank-wrong" role="alert">
          {wrong} Nothing was changed.
        </p>
      )}
      <section aria-label="Outline and relief" className="blank-shape">
        <div>
          <h2>Outline and relief</h2>
          <div className="part-fields">
            <OutlineFields
              outline={blank.outline}
              measures={false}
              advised={report?.spokes ?? null}
              onKind={(kind) =>
                tryBlank("Choose the outline", async (now) => ({
                  ...(await outlineBegun(now, kind)),
                  border: now.border,
                }))
              }
              onChange={(change) => tryBlank("Choose the outline", (now) => withOutline(now, change(now.outline)))}
            />
            <StonePhoto
              onOutline={(outline, dome) =>
                tryBlank("Outline from a photograph", (now) => ({
                  ...withOutline(now, outline),
                  ...(dome ? { relief: { kind: "dome", rise: dome } } : {}),
                }))
              }
            />
            <ReliefFields
              outline={blank.outline}
              relief={blank.relief}
              onKind={(kind) => tryBlank("Choose the relief", (now) => reliefBegun(now, kind))}
              onChange={(change) => tryBlank("Choose the relief", (now) => ({ relief: change(now.relief) }))}
            />
          </div>
          {report && (
            <p className="small quiet figures">
              {spokenLength(report.perimeter, units)} round the edge
              {report.rise !== null && `, ${spokenLength(report.rise, units)} high`}
              {report.tape !== null && `, ${spokenLength(report.tape, units)} over the top`}.
            </p>
          )}
        </div>
        <SideView plan={plan} base={blank.base.colour} />
      </section>
      <section aria-label="Surface">
        <h2>Surface</h2>
        <div className="part-fields">
          <Choice
            name="Material"
            titled
            value={blank.material}
            options={wordsOf<Blank["material"]>("Blank", "material")}
            onChange={(material) => tryBlank("Set the material", { material })}
          />
          <ColourField
            name="Base coat"
            titled
            colour={blank.base.colour}
            label={blank.base.name}
            onChange={(base) => tryBlank("Set the base coat", (now) => ({ base: { ...now.base, ...base } }))}
          />
          <Choice
            name={fieldsOf("Base").paint!.name!}
            titled
            value={blank.base.paint}
            options={wordsOf<Blank["base"]["paint"]>("Base", "paint")}
            onChange={(paint) => tryBlank("Set the base coat", (now) => ({ base: { ...now.base, paint } }))}
          />
        </div>
      </section>
      <BorderFields blank={blank} plan={plan} report={report} tryBlank={tryBlank} />
      {!plan.blank.closed && <CentreFields blank={blank} report={report} tryBlank={tryBlank} />}
      {report && report.rings.length > 0 && <RingTable rings={report.rings} />}
      <GuideFields session={session} piece={piece} plan={plan} report={report} />
    </div>
  );
}
