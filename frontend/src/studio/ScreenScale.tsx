/** A bank card or a ruler held to a drawn one, so that this screen shows true sizes. */
import { Button, Modal, Slider } from "@mantine/core";
import { useState } from "react";
import { CARD, LEAST, MOST, USUAL, useScale } from "./scale";

const RULER_MM = 50;
const STEP = 0.005;

export function ScreenScale({ onClose }: { onClose: () => void }) {
  const { perMm, set } = useScale();
  const [value, setValue] = useState(perMm ?? USUAL);
  const save = (next: number | null) => {
    set(next);
    onClose();
  };
  return (
    <Modal opened onClose={onClose} title="True size on this screen" size="auto">
      <p className="quiet scale-words">
        Hold a bank card to the drawn one, or a ruler to the line of {RULER_MM} mm, and move the slider until they are
        alike. Arrow keys move it finely. It is kept on this device.
      </p>
      <svg
        width={CARD.width * value}
        height={(CARD.height + 12) * value}
        role="img"
        aria-label="A bank card and a ruler"
      >
        <rect
          className="scale-card"
          x={1}
          y={1}
          width={CARD.width * value - 2}
          height={CARD.height * value - 2}
          rx={3 * value}
        />
        <path className="scale-ruler" d={ruler(value)} />
      </svg>
      <Slider
        min={LEAST}
        max={MOST}
        step={STEP}
        value={value}
        onChange={setValue}
        label={null}
        my="md"
        thumbLabel="Size of the drawn card"
      />
      <div className="chips">
        <Button onClick={() => save(value)}>They are alike</Button>
        {perMm !== null && (
          <Button variant="default" onClick={() => save(null)}>
            Forget it
          </Button>
        )}
      </div>
    </Modal>
  );
}

/** A line below the card with a mark at every centimetre. */
function ruler(perMm: number): string {
  const y = (CARD.height + 8) * perMm;
  const marks = Array.from({ length: RULER_MM / 10 + 1 }, (_, cm) => `M${10 * cm * perMm + 1} ${y}v${-4 * perMm}`);
  return `M1 ${y}h${RULER_MM * perMm}${marks.join("")}`;
}
