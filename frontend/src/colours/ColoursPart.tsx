/** Colours of the piece: its paints, how much to mix, how they hold together, and other palettes. */
import { SegmentedControl } from "@mantine/core";
import { useSessionStorage } from "@mantine/hooks";
import { lazy, Suspense } from "react";
import type { Piece, Plan } from "../api/types";
import type { Session } from "../piece/session";
import "./colours.css";
import { Mixing } from "./Mixing";
import { Paints } from "./Paints";
import { Palettes } from "./Palettes";

const ColourMap = lazy(() => import("./ColourMap")); // its charts are large

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

const VIEWS = ["Paints", "Mixing", "Map", "Palettes"] as const;
type View = (typeof VIEWS)[number];

export function ColoursPart(props: Props) {
  const [view, setView] = useSessionStorage<View>({ key: "fernring.colours", defaultValue: "Paints" });
  return (
    <div className="part-body">
      <SegmentedControl
        aria-label="What of the colours"
        transitionDuration={0}
        size="xs"
        data={[...VIEWS]}
        value={view}
        onChange={(next) => setView(next as View)}
        className="colours-views"
      />
      {view === "Paints" && <Paints {...props} />}
      {view === "Mixing" && <Mixing {...props} />}
      {view === "Map" && (
        <Suspense fallback={<p className="quiet">Drawing the map…</p>}>
          <ColourMap {...props} />
        </Suspense>
      )}
      {view === "Palettes" && <Palettes {...props} />}
    </div>
  );
}
