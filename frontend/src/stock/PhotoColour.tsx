/** A colour from a photograph: the paint, and white paper in the same light, are pointed at. */
import { Button, Modal } from "@mantine/core";
import { useState } from "react";
import { readOff } from "../api/client";
import { usePicture } from "../photo/usePicture";
import { Chips } from "../studio/Chips";
import { FileChooser } from "../studio/FileChooser";
import { tellProblem } from "../studio/notice";

export const PICTURES = "image/jpeg,image/png,image/webp,image/heic,image/heif,.heic,.heif";
const STEP = 0.01; // of the picture, for an arrow key

interface Place {
  x: number;
  y: number;
}

interface Props {
  name: string;
  onColour: (colour: string) => void;
  small?: boolean;
}

const START = { paint: { x: 0.35, y: 0.5 }, white: { x: 0.65, y: 0.5 } };
type Mark = keyof typeof START;
const MARKS: [Mark, string][] = [
  ["paint", "The paint"],
  ["white", "White paper"],
];

export function PhotoColour({ name, onColour, small }: Props) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <>
      <FileChooser accept={PICTURES} onFile={async (chosen) => setFile(chosen)}>
        {(open) => (
          <Button size={small ? "compact-sm" : "xs"} variant={small ? "subtle" : "light"} onClick={open}>
            {small ? "photograph…" : "Take it from a photograph…"}
          </Button>
        )}
      </FileChooser>
      <Modal
        opened={file !== null}
        onClose={() => setFile(null)}
        title={`The colour of ${name}, from a photograph`}
        size={720}
        closeButtonProps={{ "aria-label": "Close the photograph" }}
      >
        {file && (
          <Pointing
            file={file}
            onColour={(colour) => {
              onColour(colour);
              setFile(null);
            }}
          />
        )}
      </Modal>
    </>
  );
}

function Pointing({ file, onColour }: { file: File; onColour: (colour: string) => void }) {
  const url = usePicture(file)?.url;
  const [marks, setMarks] = useState<Record<Mark, Place>>(START);
  const [mark, setMark] = useState<Mark>("paint");
  const [found, setFound] = useState<string | null>(null);
  const put = (which: Mark, { x, y }: Place) => {
    const within = (share: number) => Math.min(Math.max(share, 0), 1);
    setMarks((now) => ({ ...now, [which]: { x: within(x), y: within(y) } }));
    setFound(null);
  };
  const read = async () => {
    const { paint, white } = marks;
    const query = new URLSearchParams(
      Object.entries({ x: paint.x, y: paint.y, white_x: white.x, white_y: white.y }).map(([key, share]) => [
        key,
        share.toFixed(5),
      ]),
    );
    try {
      setFound(await readOff<string>(`/api/photo/colour?${query}`, file));
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <div className="photo">
      <p className="small quiet">
        Photograph a dry swab beside white paper, both in the same light and none of it in shadow. Put one mark on the
        paint and one on the white; arrow keys move a mark.
      </p>
      <div className="photo-frame">
        {/* biome-ignore lint/a11y/useKeyWithClickEvents: the marks themselves are moved by keys */}
        {/* biome-ignore lint/a11y/noStaticElementInteractions: as above */}
        <div
          className="photo-picture"
          onClick={(event) => {
            const box = event.currentTarget.getBoundingClientRect();
            put(mark, { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height });
          }}
        >
          <img src={url} alt="The photograph" />
          {MARKS.map(([which, words]) => (
            <button
              key={which}
              type="button"
              className={`photo-mark ${which}`}
              style={{ left: `${marks[which].x * 100}%`, top: `${marks[which].y * 100}%` }}
              aria-label={`${words}, at ${Math.round(marks[which].x * 100)} % across and ${Math.round(marks[which].y * 100)} % down`}
              onFocus={() => setMark(which)}
              onClick={(event) => event.stopPropagation()}
              onKeyDown={(event) => {
                const by = ARROWS[event.key];
                if (!by) return;
                event.preventDefault();
                put(which, { x: marks[which].x + by[0] * STEP, y: marks[which].y + by[1] * STEP });
              }}
            >
              {which === "paint" ? "P" : "W"}
            </button>
          ))}
        </div>
      </div>
      <Chips name="A click puts" options={MARKS} value={mark} onChange={setMark}>
        <span className="grow" />
        <Button size="compact-sm" variant="light" onClick={() => void read()}>
          Read the colour
        </Button>
      </Chips>
      {found && (
        <p className="photo-found" role="status">
          <span className="swatch large" style={{ background: found }} /> {found}
          <Button size="xs" onClick={() => onColour(found)}>
            Take this colour
          </Button>
        </p>
      )}
    </div>
  );
}

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
