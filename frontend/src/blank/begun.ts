/** What a blank begins with when its kind changes: the server knows good proportions. */
import { client, need } from "../api/client";
import { ROUND_RELIEFS } from "../api/facts";
import type { Blank, Outline, Relief } from "../api/types";

/** Another kind of outline about as large as before, with what goes with it. */
export function outlineBegun(blank: Blank, kind: Outline["kind"]): Promise<Blank> {
  return need(client.POST("/api/begin/outline", { body: { blank, kind } }));
}

export function reliefBegun(blank: Blank, kind: Relief["kind"]): Promise<Blank> {
  return need(client.POST("/api/begin/relief", { body: { blank, kind } }));
}

/** The blank with a border in keeping with its size. */
export function bordered(blank: Blank): Promise<Blank> {
  return need(client.POST("/api/begin/border", { body: blank }));
}

/** Another outline, as from a file: only a round one is a plate, ball or egg, and a centre belongs to its own outline. */
export function withOutline(blank: Blank, outline: Outline): Partial<Blank> {
  if (outline.kind === blank.outline.kind) return { outline };
  const flat = ROUND_RELIEFS.includes(blank.relief.kind) && outline.kind !== "round";
  return { outline, centre: { kind: "middle" }, ...(flat ? { relief: { kind: "flat" } } : {}) };
}
