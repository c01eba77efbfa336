/** What the blank looks like from the side, with its measures. */
import type { Outline, Relief } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField } from "../studio/LengthField";
import { acrossMm } from "./measures";

interface Props {
  outline: Outline;
  relief: Relief;
  onChange: (change: (now: Relief) => Relief) => void;
}

const ANY = [
  ["flat", "flat"],
  ["dome", "domed, by its rise"],
  ["taped dome", "domed, by a tape over it"],
] as const;
const ROUND = [
  ["plate", "plate with a rim"],
  ["ball", "ball"],
  ["egg", "egg"],
] as const;
const POLES = [
  ["hanger", "at the hanger"],
  ["sides", "to the sides"],
] as const;

export function ReliefFields({ outline, relief, onChange }: Props) {
  const across = acrossMm(outline);
  const set = (part: object) => onChange((now) => ({ ...now, ...part }) as Relief);
  const options = outline.kind === "round" ? [...ANY, ...ROUND] : ANY;
  return (
    <>
      <Choice
        name="Relief"
        titled
        value={relief.kind}
        options={options}
        onChange={(kind) => onChange(() => begun(kind, across))}
      />
      {relief.kind === "dome" && (
        <LengthField
          name="Rise"
          titled
          kind="dot"
          value={relief.rise}
          least={0.1}
          most={500}
          onChange={(rise) => set({ rise })}
        />
      )}
      {relief.kind === "taped dome" && (
        <LengthField
          name="Tape from edge to edge"
          titled
          kind="dot"
          value={relief.tape}
          least={10}
          most={1000}
          onChange={(tape) => set({ tape })}
        />
      )}
      {relief.kind === "plate" && (
        <>
          <LengthField
            name="Well across"
            titled
            kind="distance"
            value={relief.well}
            least={10}
            most={1000}
            onChange={(well) => set({ well })}
          />
          <LengthField
            name="Rise of the rim"
            titled
            kind="dot"
            value={relief.rise}
            least={0}
            most={500}
            onChange={(rise) => set({ rise })}
          />
        </>
      )}
      {relief.kind === "egg" && (
        <>
          <LengthField
            name="Pole to pole"
            titled
            kind="distance"
            value={relief.length}
            least={10}
            most={1000}
            onChange={(length) =>
              onChange((now) =>
                now.kind === "egg" ? { ...now, length, widest: (now.widest / now.length) * length } : now,
              )
            }
          />
          <LengthField
            name="Widest at"
            titled
            kind="distance"
            value={relief.widest}
            least={2}
            most={1000}
            onChange={(widest) => set({ widest })}
          />
        </>
      )}
      {(relief.kind === "ball" || relief.kind === "egg") && (
        <Choice name="Poles" titled value={relief.poles} options={POLES} onChange={(poles) => set({ poles })} />
      )}
    </>
  );
}

const tenth = (mm: number) => Math.round(mm * 10) / 10;

function begun(kind: Relief["kind"], across: number): Relief {
  switch (kind) {
    case "flat":
      return { kind };
    case "dome":
      return { kind, rise: tenth(across * 0.14) };
    case "taped dome":
      return { kind, tape: tenth(across * 1.05) };
    case "plate":
      return { kind, well: tenth(across * 0.62), rise: tenth(across * 0.07) };
    case "ball":
      return { kind, poles: "hanger" };
    case "egg":
      return { kind, length: tenth(across * 1.35), widest: tenth(across * 0.6), poles: "hanger" };
  }
}
