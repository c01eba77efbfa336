/** What the parts of the blank's fields are given, and how they change it. */
import type { Outline, Piece } from "../api/types";

export type OutlineKind = Outline["kind"];

export interface OutlineProps {
  outline: Outline;
  /** Another kind, about as large; without it the kind is chosen elsewhere. */
  onKind?: (kind: OutlineKind) => void;
  onChange: (change: (now: Outline) => Outline) => void;
}

export type Guides = Piece["guides"];

export interface GuidePartProps {
  onChange: (label: string, part: Partial<Guides>) => void;
}
