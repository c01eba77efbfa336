/** One shade of a row: a swatch that opens on the piece's paints and ramps. */
import { Popover } from "@mantine/core";
import { useState } from "react";
import type { Piece, Shade } from "../api/types";
import { type RampColours, shadeColour } from "./shades";
import { shadeName } from "./words";

interface Props {
  piece: Piece;
  ramps: RampColours;
  value: Shade;
  label: string;
  onChange: (shade: Shade) => void;
}

export function ShadePicker({ piece, ramps, value, label, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const choose = (shade: Shade) => {
    setOpen(false);
    onChange(shade);
  };
  const name = shadeName(value, piece);
  return (
    <Popover opened={open} onChange={setOpen} position="bottom-start" shadow="md" trapFocus withinPortal>
      <Popover.Target>
        <button
          type="button"
          className="chip"
          aria-label={`${label}: ${name}`}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <span className="swatch" style={{ background: shadeColour(value, piece, ramps) }} />
          {name}
        </button>
      </Popover.Target>
      <Popover.Dropdown maw={430}>
        <fieldset className="chips" style={{ border: 0, padding: 0, margin: 0 }}>
          <legend className="small quiet">Paints</legend>
          {piece.paints.map((paint) => {
            const mine = value.kind === "paint" && value.paint === paint.id;
            return (
              <button
                key={paint.id}
                type="button"
                className="chip"
                aria-pressed={mine}
                onClick={() => choose({ kind: "paint", paint: paint.id })}
              >
                <span className="swatch" style={{ background: paint.colour }} />
                {paint.name}
              </button>
            );
          })}
          <button
            type="button"
            className="chip"
            aria-pressed={value.kind === "base"}
            onClick={() => choose({ kind: "base" })}
          >
            <span className="swatch" style={{ background: piece.blank.base.colour }} />
            {piece.blank.base.name}, the base coat
          </button>
        </fieldset>
        {piece.ramps.map((ramp) => (
          <fieldset key={ramp.id} className="chips" style={{ border: 0, padding: 0, margin: "10px 0 0" }}>
            <legend className="small quiet">{ramp.name}</legend>
            {(ramps[ramp.id] ?? []).map((colour, k) => {
              const mine = value.kind === "ramp" && value.ramp === ramp.id && value.step === k + 1;
              const step = { kind: "ramp", ramp: ramp.id, step: k + 1 } as const;
              return (
                <button
                  key={k}
                  type="button"
                  className="chip"
                  aria-pressed={mine}
                  aria-label={`${ramp.name}, step ${k + 1}`}
                  onClick={() => choose(step)}
                >
                  <span className="swatch" style={{ background: colour }} />
                  {k + 1}
                </button>
              );
            })}
          </fieldset>
        ))}
      </Popover.Dropdown>
    </Popover>
  );
}
