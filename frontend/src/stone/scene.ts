/** What is drawn on the stone's canvas. */
import type { Plan } from "../api/types";

export interface Scene {
  plan: Plan;
  base: string;
}
