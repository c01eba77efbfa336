/** A photograph with what was found in it drawn over it, a loupe, and a cross that arrow keys move. */
import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef, useState } from "react";
import { type Share, STEP, within } from "./stage";

export interface Picture {
  url: string;
  width: number;
  height: number;
}

/** Left, top, right and lower edge of what is shown, as shares. */
export type Part = [number, number, number, number];

interface Props {
  picture: Picture;
  part: Part;
  name: string;
  /** In the picture's own pixels. */
  children: ReactNode;
  onDown: (at: Share) => void;
  onMove: (at: Share) => void;
  onUp: (at: Share) => void;
  /** An arrow key, by how much; Enter is a press at the cross. */
  onNudge?: (by: Share) => boolean;
}

const ARROWS: Record<string, Share> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
const LOUPE = 168; // CSS pixels
const MAGNIFIED = 0.07; // of the shown width, in the loupe
const QUICK = 8; // times a step, with Shift

export function PhotoStage({ picture, part, name, children, onDown, onMove, onUp, onNudge }: Props) {
  const frame = useRef<SVGSVGElement>(null);
  const [at, setAt] = useState<Share>([0.5, 0.5]);
  const down = useRef(false);
  const { width, height, url } = picture;
  const [left, top, right, low] = part;
  const [wide, high] = [right - left, low - top];
  const place = (event: PointerEvent): Share => {
    const box = frame.current!.getBoundingClientRect();
    const [u, v] = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
    return [within(left + u * wide), within(top + v * high)];
  };
  const keyed = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key];
    if (arrow) {
      const by = arrow.map((share) => share * (event.shiftKey ? QUICK : 1)) as Share;
      event.preventDefault();
      if (!onNudge?.(by)) setAt(([x, y]) => [within(x + by[0]), within(y + by[1])]);
    } else if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onDown(at);
      onUp(at);
    }
  };
  const side = MAGNIFIED * width * wide;
  const drawn = (
    <>
      <image href={url} width={width} height={height} />
      {children}
      <path
        className="photo-cross"
        d={`M${at[0] * width - side / 6} ${at[1] * height}h${side / 3}m${-side / 6} ${-side / 6}v${side / 3}`}
      />
    </>
  );
  return (
    <div className="photo-room">
      <div className="photo-stage" style={{ aspectRatio: `${width * wide} / ${height * high}` }}>
        <svg
          ref={frame}
          viewBox={`${left * width} ${top * height} ${wide * width} ${high * height}`}
          role="application"
          aria-label={name}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: as above
          tabIndex={0}
          onKeyDown={keyed}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            down.current = true;
            setAt(place(event));
            onDown(place(event));
          }}
          onPointerMove={(event) => {
            setAt(place(event));
            if (down.current) onMove(place(event));
          }}
          onPointerUp={(event) => {
            down.current = false;
            onUp(place(event));
          }}
        >
          {drawn}
        </svg>
      </div>
      <svg
        className={`photo-loupe ${at[0] > left + wide / 2 ? "left" : "right"}`}
        width={LOUPE}
        height={LOUPE}
        viewBox={`${at[0] * width - side / 2} ${at[1] * height - side / 2} ${side} ${side}`}
        aria-hidden
      >
        {drawn}
      </svg>
    </div>
  );
}
