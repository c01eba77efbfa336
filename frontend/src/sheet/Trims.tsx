/** The trims of a row: petals, top dots and swipes on every dot, and trims on them. */
import { Button } from "@mantine/core";
import type { Piece, Shade, Trim } from "../api/types";
import { withTrims } from "../piece/edits";
import { changeRow, type RowProps, type TrimListProps } from "./props";
import { TrimFields } from "./TrimFields";

const DEEPEST = 3;

export function Trims(props: RowProps) {
  const { row } = props;
  return (
    <section aria-label="Trims" className="trims">
      <TrimList {...props} trims={row.trims as Trim[]} path={[]} first={0} />
    </section>
  );
}

export function TrimList(props: TrimListProps) {
  const { trims, path, row, first } = props;
  const change = (label: string, edit: (list: Trim[]) => Trim[]) =>
    changeRow(props, label, { trims: withTrims(row.trims as Trim[], path, edit) as typeof row.trims });
  let number = first;
  return (
    <>
      {trims.map((trim, k) => {
        const own = number;
        number += 1 + countOf("trims" in trim ? (trim.trims as Trim[]) : []);
        return (
          <TrimFields
            key={k}
            {...props}
            trim={trim}
            place={k}
            number={own}
            set={(next) => change("Change a trim", (list) => list.map((one, j) => (j === k ? next : one)))}
            drop={() => change("Remove a trim", (list) => list.filter((_, j) => j !== k))}
          />
        );
      })}
      {path.length < DEEPEST && (
        <div className="trim-add">
          {ADD.map(([name, make]) => (
            <Button
              key={name}
              size="compact-xs"
              variant="light"
              aria-label={path.length ? `${name} on this trim` : name}
              onClick={() => change(name, (list) => [...list, make(props.piece, hostSize(props))])}
            >
              {name}
            </Button>
          ))}
        </div>
      )}
    </>
  );
}

export function countOf(trims: Trim[]): number {
  return trims.reduce((sum, trim) => sum + 1 + countOf("trims" in trim ? (trim.trims as Trim[]) : []), 0);
}

function hostSize({ planned, row, path, trims }: TrimListProps): number {
  const own = Math.max(
    ...(planned?.diameters.length ? planned.diameters : row.pattern.map((member) => member.diameter)),
  );
  return path.length && trims.length === 0 ? own * 0.4 : own;
}

/** The kit's dot nearest to a size, with its tool. */
function nearest(piece: Piece, mm: number) {
  const measured = piece.tools.flatMap((tool) => tool.dots.map((diameter) => ({ diameter, tool: tool.id })));
  const best = measured.sort((a, b) => Math.abs(a.diameter - mm) - Math.abs(b.diameter - mm))[0];
  return { diameter: best?.diameter ?? mm, tool: best?.tool ?? null, share: null };
}

function paints(piece: Piece, count: number): Shade[] {
  return Array.from({ length: count }, (_, k) => ({
    kind: "paint" as const,
    paint: piece.paints[k % piece.paints.length]!.id,
  }));
}

const ADD: readonly (readonly [string, (piece: Piece, host: number) => Trim])[] = [
  [
    "Add a petal",
    (piece, host) => ({
      kind: "walk",
      size: nearest(piece, host * 0.22),
      load: "one",
      sides: "both",
      equal: true,
      count: null,
      layers: 3,
      begin: "outer point",
      lead: 0,
      gap: 0.15,
      shades: paints(piece, 3),
      shading: "by layer",
      trims: [],
    }),
  ],
  [
    "Add a top dot",
    (piece, host) => ({
      kind: "top",
      sizes: [nearest(piece, host * 0.5)],
      towards: "centred",
      shift: 0.6,
      shades: paints(piece, 1),
      turns: false,
      trims: [],
    }),
  ],
  [
    "Add a swipe",
    (_, host) => ({
      kind: "swipe",
      form: "teardrop",
      direction: "outward",
      angle: 0,
      bend: 50,
      to: { kind: "length", mm: Math.round(host * 2.5 * 10) / 10 },
      family: 1,
      shorter: 0.2,
      lean: 18,
      gap: 0.2,
      shades: [],
    }),
  ],
];
