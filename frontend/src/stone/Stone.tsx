/** The stone: the blank at true proportion on a neutral mat, turning like a turntable. */
import { useElementSize, useMergedRef } from "@mantine/hooks";
import { type ReactNode, useRef, useState } from "react";
import type { Plan } from "../api/types";
import { dotAt } from "./draw";
import { Overlay } from "./Overlay";
import { Sides } from "./Sides";
import { firstSide } from "./side";
import "./stone.css";
import { useHand } from "./useHand";
import { useLayers } from "./useLayers";
import { useTurntable } from "./useTurntable";
import { fitting, MARGIN, type Point, toPiece, type View } from "./view";

interface Props {
  plan: Plan;
  base: string;
  name: string;
  poles?: "hanger" | "sides";
  /** While something is slid: the first row that moves with it. It and those after it are drawn plainly. */
  sliding?: number | null;
  row?: number | null;
  places?: number[];
  /** Where guides lie: under the paint, over it while they are edited, or nowhere. */
  guides?: "under" | "over" | "none";
  /** By how many degrees clockwise the piece is turned at first; where that changes, it is turned anew. */
  turn?: number;
  /** Share of the window the blank fills. */
  margin?: number;
  /** How much the eye blurs it (mm on the piece). */
  blur?: number;
  onPick?: (dot: number | null, at: Point) => void;
  /** What to say of the dot that is pointed at. */
  describe?: (dot: number) => ReactNode;
  onDrawn?: (plan: Plan) => void;
  /** What is drawn over the stone by whoever shows it. */
  over?: (view: View, width: number, height: number) => ReactNode;
}

const NONE: number[] = [];

export function Stone(props: Props) {
  const { plan, base, name, poles, sliding = null, row = null, places = NONE, guides = "under" } = props;
  const { turn = 0, margin = MARGIN, blur = 0, onPick, describe, onDrawn, over } = props;
  const frame = useRef<HTMLDivElement>(null);
  const layers = useRef<HTMLDivElement>(null);
  const { ref, width, height } = useElementSize<HTMLDivElement>();
  const { closed, span } = plan.blank;
  const home = { ...fitting(width, height, span, margin), ...firstSide(plan, poles), turn: (turn * Math.PI) / 180 };
  const { view, now, show, reset, key, rolling } = useTurntable({ layers, home, rolls: closed });
  const [pointed, setPointed] = useState<number | null>(null);
  const { still, moving } = useLayers({
    plan,
    base,
    view,
    width,
    height,
    sliding,
    rolling,
    guides: guides === "under",
    onDrawn,
  });
  const under = (at: Point) => {
    const place = toPiece(now.current, at);
    return dotAt(plan, now.current, place.x, place.y, 1 / now.current.scale);
  };
  useHand({
    frame,
    now,
    home,
    rolls: closed,
    span,
    show,
    onTap: (at) => onPick?.(under(at), toPiece(now.current, at)),
    onPoint: (at) => setPointed(at && under(at)),
  });
  const keys = closed
    ? "Drag or press arrows to roll, comma and full stop to turn, plus and minus to zoom, 0 to see it as at first."
    : "Drag or press comma and full stop to turn, plus and minus to zoom, arrows to move, 0 to see it whole.";
  const ratio = window.devicePixelRatio || 1;
  const canvas = { width: width * ratio, height: height * ratio, style: { width, height } };

  return (
    <div
      ref={useMergedRef(frame, ref)}
      className="stone"
      role="application"
      aria-label={`${name}. ${keys}`}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the stone is turned by keys
      tabIndex={0}
      onKeyDown={(event) => event.target === event.currentTarget && key(event)}
      onDoubleClick={reset}
    >
      <div
        ref={layers}
        className="stone-layers"
        style={blur > 0 ? { filter: `blur(${(blur * view.scale).toFixed(2)}px)` } : undefined}
      >
        <canvas ref={still} {...canvas} />
        <canvas ref={moving} {...canvas} hidden={sliding === null} />
        <Overlay {...{ plan, base, view, width, height, row, places }} guides={guides === "over"} />
      </div>
      {over && width > 0 && <div className="stone-over">{over(view, width, height)}</div>}
      {closed && <Sides view={view} home={home} show={show} />}
      {pointed !== null && describe && pointed < plan.dots.x.length && (
        <div className="stone-note">{describe(pointed)}</div>
      )}
    </div>
  );
}
