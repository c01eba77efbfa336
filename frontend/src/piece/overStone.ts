/** What a layer that is drawn over the stone, and worked on there, is given. */
import type { Piece, Plan } from "../api/types";
import type { View } from "../stone/view";
import type { Session } from "./session";

export interface OverStone {
  session: Session;
  piece: Piece;
  plan: Plan;
  view: View;
  width: number;
  height: number;
}
