/** The photograph of a stone with card and outline, and what is asked and found beside it. */
import { Alert, Button, Loader } from "@mantine/core";
import { useState } from "react";
import { fieldsOf } from "../api/facts";
import type { Outline } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { Chips } from "../studio/Chips";
import { lengthText, spokenLength, useUnits } from "../studio/units";
import { type Part, PhotoStage, type Picture } from "./PhotoStage";
import { ReadingNow } from "./ReadingNow";
import { nearest, type Share, type Stroke, TARGETS, TOOLS, type Tool, thinned, within } from "./stage";
import { usePicture } from "./usePicture";
import { type Asked, type StoneFound, useStone } from "./useStone";

interface Props {
  file: File;
  onAnother: () => void;
  onOutline: (outline: Outline, dome: number | null) => void;
}

const NOTHING: Asked = { widest: null, rise: null, targets: [], strokes: [] };
const HOW: Record<Tool, string> = {
  point: "Drag the outline where it is wrong. Page Up and Page Down choose a point, arrow keys move it.",
  stone: "Draw over stone that was left out. Arrow keys move the cross, Enter marks.",
  ground: "Draw over ground that was taken for stone. Arrow keys move the cross, Enter marks.",
  target: "Press the middles of the four round targets, clockwise from the card’s top left.",
};

export function StoneDesk({ file, onAnother, onOutline }: Props) {
  const picture = usePicture(file);
  const [asked, setAsked] = useState<Asked>(NOTHING);
  const [tool, setTool] = useState<Tool>("point");
  const [stroke, setStroke] = useState<Share[]>([]);
  const [point, setPoint] = useState(0);
  const { found, wrong, reading, moved, move } = useStone(file, asked);
  const facts = fieldsOf("StoneAsked");
  const over = (found?.over ?? []) as Share[];

  const down = (at: Share) => {
    if (tool === "point" && picture && over.length > 0) setPoint(nearest(over, at, picture.width / picture.height));
    else if (tool === "target") {
      const targets = asked.targets.length < TARGETS ? [...asked.targets, at] : [at];
      setAsked((now) => ({ ...now, targets }));
    } else setStroke([at]);
  };
  const drag = (at: Share) => {
    if (tool === "point" && over.length > 0) move(point, at);
    else if (tool !== "target") setStroke((now) => [...now, at]);
  };
  const up = (at: Share) => {
    if (tool === "stone" || tool === "ground") {
      const drawn: Stroke = { stone: tool === "stone", points: thinned(stroke.length > 0 ? stroke : [at]) };
      setAsked((now) => ({ ...now, strokes: [...now.strokes, drawn] }));
    }
    setStroke([]);
  };
  const nudge = ([dx, dy]: Share) => {
    const from = over[point];
    if (tool !== "point" || !from) return false;
    move(point, [within(from[0] + dx), within(from[1] + dy)]);
    return true;
  };
  const accept = () => {
    if (!found) return;
    const { rise, widest } = asked;
    const dome = rise !== null && widest !== null && rise > widest ? rise - widest : null;
    onOutline({ kind: "odd", x: found.x, y: found.y }, dome);
  };

  if (!picture) return <Loader aria-label="Opening the photograph" />;
  return (
    <div className="photo-desk">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys of the picture inside */}
      <div
        onKeyDown={(event) => {
          const by = event.key === "PageDown" ? 1 : event.key === "PageUp" ? -1 : 0;
          if (by === 0 || over.length === 0) return;
          event.preventDefault();
          setPoint((now) => (now + by + over.length) % over.length);
        }}
      >
        <Chips name="On the photograph" options={TOOLS} value={tool} onChange={setTool} />
        <PhotoStage
          picture={picture}
          part={tool === "target" ? WHOLE : partOf(found)}
          name="Photograph of the stone"
          onDown={down}
          onMove={drag}
          onUp={up}
          onNudge={nudge}
        >
          <Drawn
            picture={picture}
            found={found}
            asked={asked}
            stroke={stroke}
            point={tool === "point" ? point : -1}
            shown={picture.width * (partOf(found)[2] - partOf(found)[0])}
          />
        </PhotoStage>
        <p className="small quiet photo-how">{HOW[tool]}</p>
      </div>
      <aside className="photo-side">
        <RuleField
          fact={facts.widest!}
          value={asked.widest}
          set={(widest) => setAsked((now) => ({ ...now, widest: widest as number | null }))}
        />
        <RuleField
          fact={facts.rise!}
          value={asked.rise}
          set={(rise) => setAsked((now) => ({ ...now, rise: rise as number | null }))}
        />
        {(asked.strokes.length > 0 || asked.targets.length > 0) && (
          <Button
            size="compact-sm"
            variant="subtle"
            onClick={() => setAsked((now) => ({ ...now, strokes: [], targets: [] }))}
          >
            Take strokes and targets back
          </Button>
        )}
        <div aria-live="polite">
          {reading && <ReadingNow reading={reading} />}
          {!reading && wrong && (
            <Alert color="red" variant="light" title="No outline yet" role="alert">
              {wrong}
            </Alert>
          )}
          {!reading && found && <Words found={found} moved={moved} targets={asked.targets.length === TARGETS} />}
        </div>
        <div className="photo-acts">
          <Button disabled={!found || reading !== null} onClick={accept}>
            Make it the outline
          </Button>
          <Button variant="subtle" onClick={onAnother}>
            Another photograph
          </Button>
        </div>
      </aside>
    </div>
  );
}

function Words({ found, moved, targets }: { found: StoneFound; moved: number; targets: boolean }) {
  const units = useUnits((state) => state.units);
  const long = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
  return (
    <>
      <p className="photo-size">
        {lengthText(long(found.x), units, "dot")} × {spokenLength(long(found.y), units)}
      </p>
      <p>
        The true edge lies within <b>{spokenLength(found.uncertain, units)}</b> of this line in 95 of 100.{" "}
        {targets ? "The scale rests on the four targets." : `${found.marks} of the card’s 16 marks were found.`}
        {moved > 0 && " Corrected by hand."}
      </p>
      {found.warnings.map((words) => (
        <Alert key={words} color="yellow" variant="light" className="photo-warning" role="note">
          {words}
        </Alert>
      ))}
    </>
  );
}

const WHOLE: Part = [0, 0, 1, 1];
const ROUND = 0.04; // of the picture, shown round stone and card

/** Where stone and card are, once they are found. */
function partOf(found: StoneFound | null): Part {
  if (!found) return WHOLE;
  const all = [...found.over, ...found.card] as Share[];
  const [x, y] = [all.map((at) => at[0]), all.map((at) => at[1])];
  return [Math.min(...x) - ROUND, Math.min(...y) - ROUND, Math.max(...x) + ROUND, Math.max(...y) + ROUND].map(
    within,
  ) as Part;
}

interface DrawnProps {
  picture: Picture;
  found: StoneFound | null;
  asked: Asked;
  stroke: Share[];
  point: number;
  /** Pixels of the picture across what is shown. */
  shown: number;
}

function Drawn({ picture: { width, height }, found, asked, stroke, point, shown }: DrawnProps) {
  const path = (points: readonly Share[]) => points.map(([x, y]) => `${x * width},${y * height}`).join(" ");
  const over = (found?.over ?? []) as Share[];
  const unit = shown / 800;
  return (
    <>
      {found && <polygon className="photo-card" points={path(found.card as Share[])} />}
      {asked.strokes.map(({ stone, points }) => (
        <polyline key={path(points)} className={stone ? "photo-stone" : "photo-ground"} points={path(points)} />
      ))}
      {stroke.length > 1 && <polyline className="photo-stroke" points={path(stroke)} />}
      {found && <polygon className="photo-halo" points={path(over)} />}
      {found && <polygon className="photo-outline" points={path(over)} />}
      {point >= 0 &&
        over.map(([x, y], k) => (
          <circle
            key={k}
            className={k === point ? "photo-point chosen" : "photo-point"}
            cx={x * width}
            cy={y * height}
            r={unit * (k === point ? 5 : 2.2)}
          />
        ))}
      {asked.targets.map(([x, y], k) => (
        <g key={`${x} ${y}`} className="photo-target">
          <circle cx={x * width} cy={y * height} r={8 * unit} />
          <text x={x * width} y={y * height} fontSize={10 * unit} dy="0.35em">
            {k + 1}
          </text>
        </g>
      ))}
    </>
  );
}
