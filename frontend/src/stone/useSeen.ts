/** A plan as it is seen: wet, under varnish, by a lamp, in grey, by a colour-blind eye, or as the hand sets it. */
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { client, need } from "../api/client";
import { fieldsOf, SEEN } from "../api/facts";
import type { Piece, Plan, SeenAs } from "../api/types";
import { byHand, type Steadiness } from "./byHand";

const USUAL = fieldsOf("Paint").darker!.default as number;
export type Way = SeenAs | "hand";
/** Ways that change no colour. */
const SAME: Way[] = ["painted", "far", "hand"];

/** The ways there are: by hand only where practice sheets tell how steady it is. */
export function waysOf(hand: readonly Steadiness[]): [Way, string][] {
  return hand.length > 0 ? [...SEEN, ["hand", "as my hand sets it"]] : SEEN;
}

export function useSeen(plan: Plan, piece: Piece, way: Way, hand: readonly Steadiness[]): { plan: Plan; base: string } {
  const base = piece.blank.base.colour;
  const colours = useMemo(() => coloursOf(plan, base), [plan, base]);
  const darker = useMemo(() => colours.map(dryingOf(plan, piece)), [colours, plan, piece]);
  const { data } = useQuery({
    queryKey: ["seen", way, colours, darker],
    queryFn: ({ signal }) => need(client.POST("/api/seen", { body: { colours, way: way as SeenAs, darker }, signal })),
    enabled: !SAME.includes(way),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return useMemo(() => {
    if (way === "hand" && hand.length > 0) return { plan: byHand(plan, piece, hand), base };
    if (SAME.includes(way) || data?.length !== colours.length) return { plan, base };
    const seen = new Map(colours.map((colour, k) => [colour, data[k]!]));
    const as = (colour: string) => seen.get(colour) ?? colour;
    const recoloured = {
      ...plan,
      shades: plan.shades.map((shade) => ({ ...shade, colour: as(shade.colour) })),
      zones: plan.zones.map((zone) => ({ ...zone, colours: zone.colours.map(as) })),
      covers: plan.covers.map((cover) => ({ ...cover, colour: as(cover.colour) })),
    };
    return { plan: recoloured, base: as(base) };
  }, [plan, piece, base, way, hand, colours, data]);
}

/** Every colour once. */
function coloursOf({ shades, zones, covers }: Plan, base: string): string[] {
  const all = [
    base,
    ...shades.map(({ colour }) => colour),
    ...zones.flatMap(({ colours }) => colours),
    ...covers.map(({ colour }) => colour),
  ];
  return [...new Set(all)];
}

/** How much of its light each colour loses while it dries: that of its paint, of a ramp the mean of its stops. */
function dryingOf(plan: Plan, piece: Piece): (colour: string) => number {
  const byPaint = new Map(piece.paints.map(({ id, darker }) => [id, darker]));
  const known = new Map(piece.paints.map(({ colour, darker }) => [colour, darker]));
  for (const { id, stops } of piece.ramps) {
    const mean = stops.reduce((sum, stop) => sum + (byPaint.get(stop) ?? USUAL), 0) / stops.length;
    for (const colour of plan.ramps[id] ?? []) if (!known.has(colour)) known.set(colour, mean);
  }
  return (colour) => known.get(colour) ?? USUAL;
}
