/** Paint as light sees it: the tones of a shade for body, shadowed rim and highlight. */

/** A layer of a dot or swipe: a share of its size, shifted to the upper left by a share of its radius. */
export interface Light {
  size: number;
  shift: number;
  fill: string;
}

export interface Tones {
  /** Paint that is only planned yet has no light and no shade. */
  flat: boolean;
  body: string;
  rim: string;
  lights: Light[];
}

const SHADOW = { size: 1.04, shift: -0.07, fill: "rgba(0,0,0,0.28)" };

/** From below upward: shadow, rim, body and lights; plainly the body alone. */
export function layers({ flat, body, rim, lights }: Tones, plain: boolean): Light[] {
  if (plain || flat) return [{ size: 1, shift: 0, fill: body }];
  return [SHADOW, { size: 1, shift: 0, fill: rim }, { size: 0.9, shift: 0.055, fill: body }, ...lights];
}

export const PLANNED = "planned";
const WHITE: Channels = [255, 255, 255];
const PALE = 0.94; // lighter paint is shown a little darker, so that its light is seen
const DEEP = 0.12; // darker paint is shown a little lighter, rim and all, so that it has a shape on a dark base
const DIMMED = 0.07;
const RAISED = 0.1;

/** As paint of this colour is shown: pure white and black have no light and no shade of their own. */
function modelled(rgb: Channels): Channels {
  const light = brightness(rgb);
  if (light > PALE) return mixed(rgb, [0, 0, 0], (DIMMED * (light - PALE)) / (1 - PALE));
  return light < DEEP ? mixed(rgb, WHITE, (RAISED * (DEEP - light)) / DEEP) : rgb;
}

const known = new Map<string, Tones>();

/** Tones of a colour with a finish; matte spreads its light, gloss gathers it, metal does both. */
export function tones(colour: string, finish: string): Tones {
  const key = colour + finish;
  let found = known.get(key);
  if (!found) {
    const rgb = modelled(channels(colour));
    const lit = `rgba(${mixed(rgb, [255, 255, 255], 0.75).join(",")},`;
    found = {
      flat: finish === PLANNED,
      body: `rgb(${rgb.join(",")})`,
      rim: `rgb(${(brightness(rgb) < DEEP ? mixed(rgb, WHITE, RAISED) : mixed(rgb, [8, 10, 14], 0.34)).join(",")})`,
      lights: LIGHTS[finish]?.(lit) ?? [],
    };
    known.set(key, found);
  }
  return found;
}

const LIGHTS: Record<string, (lit: string) => Tones["lights"]> = {
  matte: (lit) => [
    { size: 0.66, shift: 0.16, fill: `${lit}0.10)` },
    { size: 0.44, shift: 0.25, fill: `${lit}0.12)` },
    { size: 0.22, shift: 0.33, fill: `${lit}0.16)` },
  ],
  satin: (lit) => [
    { size: 0.64, shift: 0.17, fill: `${lit}0.11)` },
    { size: 0.42, shift: 0.27, fill: `${lit}0.14)` },
    { size: 0.19, shift: 0.38, fill: `${lit}0.45)` },
  ],
  gloss: (lit) => [
    { size: 0.62, shift: 0.18, fill: `${lit}0.12)` },
    { size: 0.4, shift: 0.28, fill: `${lit}0.14)` },
    { size: 0.17, shift: 0.42, fill: `${lit}0.95)` },
  ],
  metallic: (lit) => [
    { size: 0.62, shift: 0.2, fill: `${lit}0.3)` },
    { size: 0.34, shift: 0.34, fill: `${lit}0.45)` },
    { size: 0.13, shift: 0.46, fill: `${lit}0.9)` },
  ],
  pearl: (lit) => [
    { size: 0.7, shift: 0.14, fill: `${lit}0.22)` },
    { size: 0.46, shift: 0.28, fill: `${lit}0.26)` },
    { size: 0.2, shift: 0.4, fill: `${lit}0.6)` },
  ],
  glitter: (lit) => [
    { size: 0.56, shift: 0.1, fill: `${lit}0.2)` },
    { size: 0.3, shift: 0.36, fill: `${lit}0.55)` },
    { size: 0.1, shift: 0.5, fill: `${lit}1)` },
  ],
  wet: (lit) => [
    { size: 0.6, shift: 0.2, fill: `${lit}0.16)` },
    { size: 0.36, shift: 0.34, fill: `${lit}0.5)` },
    { size: 0.2, shift: 0.42, fill: `${lit}1)` },
  ],
  neon: (lit) => [
    { size: 0.8, shift: 0.06, fill: `${lit}0.14)` },
    { size: 0.5, shift: 0.16, fill: `${lit}0.16)` },
  ],
};

type Channels = [number, number, number];

export function channels(colour: string): Channels {
  const value = Number.parseInt(colour.slice(1), 16);
  return [value >> 16, (value >> 8) & 255, value & 255];
}

function mixed(one: Channels, other: Channels, share: number): Channels {
  return one.map((part, k) => Math.round(part + (other[k]! - part) * share)) as Channels;
}

/** From 0, black, to 1, white. */
function brightness([r, g, b]: Channels): number {
  return (0.299 * r + 0.587 * g + 0.114 * b) / 255;
}

/** Whether white shows better than black on this colour. */
export function isDark(colour: string): boolean {
  return brightness(channels(colour)) < 120 / 255;
}
