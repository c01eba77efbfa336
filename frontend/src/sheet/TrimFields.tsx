/** One trim, every rule of which can be typed or chosen. */
import { ActionIcon, Button } from "@mantine/core";
import { IconPlus, IconTrash, IconX } from "@tabler/icons-react";
import { useState } from "react";
import type { Shade, SwipeTrim, TopTrim, Trim, TrimSize, WalkTrim } from "../api/types";
import { Choice } from "../studio/Choice";
import { LengthField, NumberField } from "../studio/LengthField";
import { lengthText, useUnits } from "../studio/units";
import { ShadePicker } from "./ShadePicker";
import { TrimFits } from "./TrimFits";
import { TrimList, type TrimListProps } from "./Trims";
import { trimWord } from "./words";

interface Props extends TrimListProps {
  trim: Trim;
  place: number;
  number: number;
  set: (trim: Trim) => void;
  drop: () => void;
}

export function TrimFields(props: Props) {
  const { trim, set, drop, place, number } = props;
  const units = useUnits((state) => state.units);
  const [fits, setFits] = useState(false);
  const name = trimWord(trim, units);
  return (
    <fieldset className="trim" aria-label={`Trim ${number + 1}: ${name}`}>
      <div className="trim-head">
        <strong>{name}</strong>
        <span className="grow" />
        <Button
          size="compact-xs"
          variant={fits ? "filled" : "default"}
          aria-expanded={fits}
          onClick={() => setFits(!fits)}
        >
          What fits in this trim?
        </Button>
        <ActionIcon variant="subtle" size="sm" aria-label={`Remove trim ${number + 1}`} onClick={drop}>
          <IconTrash size={15} />
        </ActionIcon>
      </div>
      <div className="row-fields">
        {trim.kind === "walk" && <WalkFields {...props} trim={trim} />}
        {trim.kind === "top" && <TopFields {...props} trim={trim} />}
        {trim.kind === "swipe" && <SwipeFields {...props} trim={trim} />}
      </div>
      <TrimShades
        {...props}
        shades={trim.shades as Shade[]}
        onChange={(shades) => set({ ...trim, shades } as Trim)}
      />
      {fits && <TrimFits {...props} number={number} />}
      {"trims" in trim && (
        <div className="trim-inner">
          <TrimList
            {...props}
            trims={trim.trims as Trim[]}
            path={[...props.path, place]}
            first={number + 1}
          />
        </div>
      )}
    </fieldset>
  );
}

const LOADS = [
  ["one", "one load, diminishing"],
  ["each", "reloaded, equal"],
] as const;
const SIDES = [
  ["both", "both sides"],
  ["left", "left side only"],
  ["right", "right side only"],
] as const;
const BEGINS = [
  ["outer point", "from the outer point"],
  ["foot", "from the foot"],
] as const;
const SHADINGS = [
  ["by layer", "a shade each layer"],
  ["along", "along the petal"],
  ["one", "one shade"],
] as const;

function WalkFields({ trim, set, ...props }: Props & { trim: WalkTrim }) {
  return (
    <>
      <SizeField {...props} name="Walked dot" size={trim.size} set={(size) => set({ ...trim, size })} />
      <Field width={70}>
        <NumberField
          name="Layers"
          titled
          value={trim.layers}
          least={1}
          most={6}
          onChange={(layers) => set({ ...trim, layers })}
        />
      </Field>
      <Field width={158}>
        <Choice
          name="Loading"
          titled
          value={trim.load}
          options={LOADS}
          onChange={(load) => set({ ...trim, load })}
        />
      </Field>
      <Field width={118}>
        <Choice
          name="Sides"
          titled
          value={trim.sides}
          options={SIDES}
          onChange={(sides) => set({ ...trim, sides })}
        />
      </Field>
      <Field width={88}>
        <NumberField
          name="Dots a side"
          titled
          value={trim.count ?? 0}
          least={0}
          most={60}
          onChange={(count) => set({ ...trim, count: count || null })}
        />
      </Field>
      <Field width={148}>
        <Choice
          name="Begins"
          titled
          value={trim.begin}
          options={BEGINS}
          onChange={(begin) => set({ ...trim, begin })}
        />
      </Field>
      <Field width={82}>
        <NumberField
          name="Lead dots"
          titled
          value={trim.lead}
          least={0}
          most={4}
          onChange={(lead) => set({ ...trim, lead })}
        />
      </Field>
      <Field width={82}>
        <LengthField
          name="Petal gap"
          titled
          value={trim.gap}
          least={0}
          most={20}
          onChange={(gap) => set({ ...trim, gap })}
        />
      </Field>
      <Field width={140}>
        <Choice
          name="Shading"
          titled
          value={trim.shading}
          options={SHADINGS}
          onChange={(shading) => set({ ...trim, shading })}
        />
      </Field>
      <label style={{ alignSelf: "end", paddingBottom: 4 }}>
        <input
          type="checkbox"
          checked={trim.equal}
          onChange={(event) => set({ ...trim, equal: event.target.checked })}
        />{" "}
        as many on both sides
      </label>
    </>
  );
}

const TOWARDS = ["centred", "inward", "outward", "left", "right"].map(
  (way) => [way as TopTrim["towards"], way] as const,
);

function TopFields({ trim, set, ...props }: Props & { trim: TopTrim }) {
  const sizes = (next: TrimSize[]) => set({ ...trim, sizes: next });
  return (
    <>
      {trim.sizes.map((size, k) => (
        <span key={k} style={{ display: "inline-flex", alignItems: "end", gap: 2 }}>
          <SizeField
            {...props}
            name={trim.sizes.length > 1 ? `Top dot ${k + 1}` : "Top dot"}
            size={size}
            set={(next) => sizes(trim.sizes.map((one, j) => (j === k ? next : one)))}
          />
          {trim.sizes.length > 1 && (
            <ActionIcon
              variant="subtle"
              size="sm"
              aria-label={`Drop top dot ${k + 1}`}
              onClick={() => sizes(trim.sizes.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {trim.sizes.length < 4 && (
        <ActionIcon
          variant="light"
          style={{ alignSelf: "end" }}
          aria-label="Stack one more top dot"
          onClick={() =>
            sizes([...trim.sizes, { diameter: trim.sizes.at(-1)!.diameter * 0.5, tool: null, share: 0.5 }])
          }
        >
          <IconPlus size={15} />
        </ActionIcon>
      )}
      <Field width={104}>
        <Choice
          name="Shifted"
          titled
          value={trim.towards}
          options={TOWARDS}
          onChange={(towards) => set({ ...trim, towards })}
        />
      </Field>
      {trim.towards !== "centred" && (
        <Field width={82}>
          <NumberField
            name="By"
            titled
            unit="%"
            value={Math.round(trim.shift * 100)}
            least={0}
            most={100}
            onChange={(by) => set({ ...trim, shift: by / 100 })}
          />
        </Field>
      )}
      <label style={{ alignSelf: "end", paddingBottom: 4 }}>
        <input
          type="checkbox"
          checked={trim.turns}
          onChange={(event) => set({ ...trim, turns: event.target.checked })}
        />{" "}
        shades take turns, the last between
      </label>
    </>
  );
}

const FORMS = ["teardrop", "straight", "comma left", "comma right"].map(
  (form) => [form as SwipeTrim["form"], form] as const,
);
const DIRECTIONS = [
  ["outward", "outward"],
  ["inward", "inward"],
] as const;
const ENDS = [
  ["length", "a length"],
  ["circle", "a circle"],
  ["contact", "first contact"],
] as const;

function SwipeFields({ trim, set, planned }: Props & { trim: SwipeTrim }) {
  const end = (kind: SwipeTrim["to"]["kind"]) => {
    if (kind === "length") set({ ...trim, to: { kind, mm: 8 } });
    else if (kind === "circle") set({ ...trim, to: { kind, walk: (planned?.walk ?? 10) + 10 } });
    else set({ ...trim, to: { kind } });
  };
  return (
    <>
      <Field width={116}>
        <Choice
          name="Form"
          titled
          value={trim.form}
          options={FORMS}
          onChange={(form) => set({ ...trim, form })}
        />
      </Field>
      <Field width={92}>
        <Choice
          name="Pulled"
          titled
          value={trim.direction}
          options={DIRECTIONS}
          onChange={(direction) => set({ ...trim, direction })}
        />
      </Field>
      <Field width={112}>
        <Choice name="Pulled to" titled value={trim.to.kind} options={ENDS} onChange={end} />
      </Field>
      {trim.to.kind === "length" && (
        <Field width={82}>
          <LengthField
            name="Swipe length"
            titled
            value={trim.to.mm}
            least={0.5}
            most={300}
            onChange={(mm) => set({ ...trim, to: { kind: "length", mm } })}
          />
        </Field>
      )}
      {trim.to.kind === "circle" && (
        <Field width={92}>
          <LengthField
            name="To the circle at"
            titled
            kind="distance"
            value={trim.to.walk}
            least={0}
            most={1000}
            onChange={(walk) => set({ ...trim, to: { kind: "circle", walk } })}
          />
        </Field>
      )}
      <Field width={78}>
        <NumberField
          name="Turned"
          titled
          decimals
          unit="°"
          value={trim.angle}
          least={-180}
          most={180}
          onChange={(angle) => set({ ...trim, angle })}
        />
      </Field>
      {trim.form.startsWith("comma") && (
        <Field width={78}>
          <NumberField
            name="Bend"
            titled
            decimals
            unit="°"
            value={trim.bend}
            least={0}
            most={120}
            onChange={(bend) => set({ ...trim, bend })}
          />
        </Field>
      )}
      <Field width={82}>
        <NumberField
          name="Side by side"
          titled
          value={trim.family}
          least={1}
          most={9}
          onChange={(family) => set({ ...trim, family })}
        />
      </Field>
      {trim.family > 1 && (
        <>
          <Field width={88}>
            <NumberField
              name="Each shorter by"
              titled
              unit="%"
              value={Math.round(trim.shorter * 100)}
              least={0}
              most={90}
              onChange={(by) => set({ ...trim, shorter: by / 100 })}
            />
          </Field>
          <Field width={88}>
            <NumberField
              name="Each leans"
              titled
              decimals
              unit="°"
              value={trim.lean}
              least={0}
              most={60}
              onChange={(lean) => set({ ...trim, lean })}
            />
          </Field>
        </>
      )}
    </>
  );
}

interface SizeProps extends TrimListProps {
  name: string;
  size: TrimSize;
  set: (size: TrimSize) => void;
}

/** A measured dot of the kit, a typed size, or a share of the dot below. */
function SizeField({ name, size, set, piece }: SizeProps) {
  const units = useUnits((state) => state.units);
  const measured = piece.tools.flatMap((tool) =>
    tool.dots.map((dot): [string, string] => [
      `${tool.id} ${dot}`,
      `${tool.name}: ${lengthText(dot, units, "dot")}`,
    ]),
  );
  const own = `${size.tool} ${size.diameter}`;
  const known = measured.some(([key]) => key === own);
  const value = size.share ? "share" : known ? own : "free";
  const choose = (key: string) => {
    if (key === "share") set({ ...size, tool: null, share: 0.5 });
    else if (key === "free") set({ ...size, tool: null, share: null });
    else {
      const [tool, diameter] = key.split(" ");
      set({ tool: tool!, diameter: Number(diameter), share: null });
    }
  };
  return (
    <>
      {size.share ? (
        <Field width={82}>
          <NumberField
            name={`${name} share`}
            titled
            unit="%"
            value={Math.round(size.share * 100)}
            least={10}
            most={100}
            onChange={(share) => set({ ...size, share: share / 100 })}
          />
        </Field>
      ) : (
        <Field width={82}>
          <LengthField
            name={name}
            titled
            value={size.diameter}
            least={0.2}
            most={60}
            onChange={(diameter) => set({ diameter, tool: null, share: null })}
          />
        </Field>
      )}
      <Field width={140}>
        <Choice
          name={`${name} made with`}
          titled
          value={value}
          options={[["share", "a share of the dot below"], ["free", "a free size"], ...measured]}
          onChange={choose}
        />
      </Field>
    </>
  );
}

interface ShadesProps extends Props {
  shades: Shade[];
  onChange: (shades: Shade[]) => void;
}

function TrimShades({ piece, ramps, shades, onChange, trim }: ShadesProps) {
  return (
    <div className="row-fields" style={{ alignItems: "center" }}>
      {shades.length === 0 && <span className="small quiet">in the dot's own shade</span>}
      {shades.map((shade, k) => (
        <span key={k} style={{ display: "inline-flex", alignItems: "center" }}>
          <ShadePicker
            piece={piece}
            ramps={ramps}
            value={shade}
            label={`Trim shade ${k + 1}`}
            onChange={(next) => onChange(shades.map((one, j) => (j === k ? next : one)))}
          />
          {(shades.length > 1 || trim.kind === "swipe") && (
            <ActionIcon
              variant="subtle"
              size="sm"
              aria-label={`Drop trim shade ${k + 1}`}
              onClick={() => onChange(shades.filter((_, j) => j !== k))}
            >
              <IconX size={14} />
            </ActionIcon>
          )}
        </span>
      ))}
      {shades.length < 12 && (
        <ActionIcon
          variant="light"
          size="sm"
          aria-label="Add a shade to the trim"
          onClick={() =>
            onChange([
              ...shades,
              { kind: "paint", paint: piece.paints[shades.length % piece.paints.length]!.id },
            ])
          }
        >
          <IconPlus size={14} />
        </ActionIcon>
      )}
    </div>
  );
}

function Field({ width, children }: { width: number; children: React.ReactNode }) {
  return <span style={{ width }}>{children}</span>;
}
