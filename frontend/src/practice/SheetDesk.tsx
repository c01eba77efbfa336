/** A photographed practice sheet: what was found stands over it, to be put right before anything is kept. */
import { Alert, Button, Loader, Modal } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useMemo, useState } from "react";
import { client, need, readOff } from "../api/client";
import { fieldsOf } from "../api/facts";
import { newToken } from "../keeping/token";
import { type Part, PhotoStage, type Picture } from "../photo/PhotoStage";
import "../photo/photo.css";
import { ReadingNow } from "../photo/ReadingNow";
import { nearest, type Share, within } from "../photo/stage";
import { usePicture } from "../photo/usePicture";
import { today } from "../stock/mixed";
import { Chips } from "../studio/Chips";
import { LengthField } from "../studio/LengthField";
import { Found } from "./Found";
import {
  type Dot,
  inverse,
  nearestTarget,
  type Reading,
  readingOf,
  type SheetAnswer,
  type Steady,
  seenAt,
} from "./onSheet";
import "./practice.css";

interface Props {
  file: File;
  onKeep: (reading: Reading) => void;
  onClose: () => void;
}

type Act = "move" | "add" | "drop";
const NAMES: [Act, string][] = [
  ["move", "Move and measure"],
  ["add", "Add a dot"],
  ["drop", "Drop a dot"],
];
const HOW: Record<Act, string> = {
  move: "Drag a ring onto its dot. Page Up and Page Down choose one, arrow keys move it.",
  add: "Press the middle of a dot that was not found. Arrow keys move the cross, Enter adds.",
  drop: "Press a ring that is no dot of yours. Delete drops the chosen one at any time.",
};

export function SheetDesk({ file, onKeep, onClose }: Props) {
  const [token] = useState(newToken);
  const read = useQuery({
    queryKey: ["sheet", file.name, file.size, file.lastModified],
    queryFn: ({ signal }) => readOff<SheetAnswer>(`/api/photo/sheet?reading=${token}`, file, signal),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  return (
    <Modal
      opened
      onClose={onClose}
      title={read.data ? `Practice sheet ${read.data.sheet.number}` : "A practice sheet, from a photograph"}
      size={1180}
      yOffset="3vh"
      closeButtonProps={{ "aria-label": "Close the photograph" }}
    >
      {read.isLoading && <ReadingNow reading={token} />}
      {read.error && (
        <Alert color="red" variant="light" title="This sheet was not read" role="alert">
          {read.error.message}
        </Alert>
      )}
      {read.data && <Table file={file} answer={read.data} onKeep={onKeep} />}
    </Modal>
  );
}

function Table({ file, answer, onKeep }: { file: File; answer: SheetAnswer; onKeep: Props["onKeep"] }) {
  const picture = usePicture(file);
  const [dots, setDots] = useState<readonly Dot[]>(answer.seen);
  const [act, setAct] = useState<Act>("move");
  const [chosen, setChosen] = useState(0);
  const [id] = useState(newToken);
  const now = useMemo(() => ({ ...answer, seen: [...dots] }), [answer, dots]);
  const reading = useMemo(() => readingOf(now, id, today()), [now, id]);
  const steady = useQuery({
    queryKey: ["steady", reading],
    queryFn: ({ signal }) => need(client.POST("/api/practice/readings/steadiness", { body: reading, signal })),
    enabled: reading.dots.length > 0,
    placeholderData: (before) => before,
  });
  const back = useMemo(() => inverse(answer.plane), [answer.plane]);
  const at = (dot: Dot) => seenAt(answer.plane, dot.x, dot.y);
  const change = (k: number, part: Partial<Dot>) =>
    setDots((all) => all.map((one, j) => (j === k ? { ...one, ...part } : one)));
  const drop = (k: number) => {
    setDots((all) => all.filter((_, j) => j !== k));
    setChosen(0);
  };
  const down = (place: Share) => {
    if (act === "add") return add(place);
    const near = picture ? nearest(dots.map(at), place, picture.width / picture.height) : -1;
    if (near < 0) return;
    if (act === "drop") drop(near);
    else setChosen(near);
  };
  const add = (place: Share) => {
    const [x, y] = seenAt(back, ...place);
    const goal = nearestTarget(now, [x, y]);
    if (!goal) return;
    const fresh = { x, y, diameter: goal.dot, roundness: 1, length: null, smudged: false };
    setDots((all) => [...all, { ...fresh, block: goal.block, target: goal.target }]);
    setChosen(dots.length);
    setAct("move");
  };
  const put = ([u, v]: Share) => {
    const [x, y] = seenAt(back, u, v);
    change(chosen, { x, y });
  };
  const keyed = (event: KeyboardEvent) => {
    const by = event.key === "PageDown" ? 1 : event.key === "PageUp" ? -1 : 0;
    if (by !== 0) setChosen((k) => (k + by + dots.length) % Math.max(dots.length, 1));
    else if (event.key === "Delete" && dots[chosen]) drop(chosen);
    else return;
    event.preventDefault();
  };
  const one = dots[chosen];
  if (!picture) return <Loader aria-label="Opening the photograph" />;
  return (
    <div className="photo-desk">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys of the picture inside */}
      <div onKeyDown={keyed}>
        <Chips name="On the photograph" options={NAMES} value={act} onChange={setAct} />
        <PhotoStage
          picture={picture}
          part={partOf(answer)}
          name="Photograph of the practice sheet"
          onDown={down}
          onMove={(place) => act === "move" && one && put(place)}
          onUp={() => undefined}
          onNudge={([dx, dy]) => {
            if (act !== "move" || !one) return false;
            const [u, v] = at(one);
            put([u + dx / 8, v + dy / 8]);
            return true;
          }}
        >
          <Rings picture={picture} answer={answer} dots={dots} chosen={act === "move" ? chosen : -1} />
        </PhotoStage>
        <p className="small quiet photo-how">{HOW[act]}</p>
      </div>
      <aside className="photo-side">
        <Found answer={now} steady={(steady.data ?? []) as Steady[]} />
        {one && (
          <LengthField
            name="Diameter of the chosen dot"
            titled
            value={Math.round(one.diameter * 100) / 100}
            {...WIDTHS}
            onChange={(diameter) => change(chosen, { diameter })}
          />
        )}
        <div className="photo-acts">
          <Button disabled={reading.dots.length === 0} onClick={() => onKeep(reading)}>
            Keep these measurements
          </Button>
        </div>
      </aside>
    </div>
  );
}

const { least, most } = fieldsOf("Measurement").diameters!;
const WIDTHS = { least, most };

/** The part of the picture with the paper. */
function partOf({ plane, size: [wide, high] }: SheetAnswer): Part {
  const corners = [0, wide].flatMap((x) => [0, high].map((y) => seenAt(plane, x, y)));
  const [u, v] = [corners.map((at) => at[0]), corners.map((at) => at[1])];
  return [Math.min(...u), Math.min(...v), Math.max(...u), Math.max(...v)].map(within) as Part;
}

interface RingsProps {
  picture: Picture;
  answer: SheetAnswer;
  dots: readonly Dot[];
  chosen: number;
}

/** A ring round every dot, dashed where it was meant for nothing, crossed out where it is a smudge. */
function Rings({ picture: { width, height }, answer: { plane }, dots, chosen }: RingsProps) {
  return dots.map((dot, k) => {
    const [u, v] = seenAt(plane, dot.x, dot.y);
    const [edge] = seenAt(plane, dot.x + dot.diameter / 2, dot.y);
    const [, low] = seenAt(plane, dot.x + dot.diameter / 2, dot.y);
    const r = Math.hypot((edge - u) * width, (low - v) * height);
    const kind = dot.smudged ? "smudge" : dot.block === null ? "stray" : dot.length === null ? "dot" : "pulled";
    return (
      <g key={k} className={`ring-${kind} ${k === chosen ? "chosen" : ""}`}>
        <circle className="ring-halo" cx={u * width} cy={v * height} r={r} />
        <circle className="ring" cx={u * width} cy={v * height} r={r} />
        {dot.smudged && <path d={`M${u * width - r} ${v * height - r}l${2 * r} ${2 * r}`} />}
      </g>
    );
  });
}
