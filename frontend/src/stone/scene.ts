/** What is drawn on the stone's canvas. A whole plan is more than enough; a small picture brings no more than this. */
import type { Plan, Sketch } from "../api/types";

export interface Drawn extends Pick<Plan, "blank" | "shades" | "zones" | "covers" | "marks"> {
  dots: Sketch["dots"];
}

export interface Scene {
  plan: Drawn;
  base: string;
  /** What is drawn between the blank and its paint. */
  under?: (context: CanvasRenderingContext2D, place: { left: number; top: number; px: number }) => void;
}
