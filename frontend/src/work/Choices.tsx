/** How this piece is painted: the schools, the finish, the room, the hand. */
import { Button } from "@mantine/core";
import { client, need } from "../api/client";
import type { Piece } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import type { Session } from "../piece/session";
import { tell, tellProblem } from "../studio/notice";

export function Choices({ session, piece }: { session: Session; piece: Piece }) {
  const work = piece.work;
  const change = (make: (now: Rule) => Rule) =>
    session.edit("Choose how it is painted", (now) => ({ ...now, work: make(now.work as unknown as Rule) as never }));
  const part = (field: "hand" | "costs") => (make: (now: Rule) => Rule) =>
    change((now) => ({ ...now, [field]: make(now[field] as Rule) }));
  const keep = () =>
    need(client.PUT("/api/studio/schools", { body: work })).then(
      () => tell("New pieces begin with these choices from now on."),
      tellProblem,
    );
  return (
    <aside className="work-choices" aria-label="How it is painted">
      <h2>How it is painted</h2>
      <KindFields model="Work" value={work as unknown as Rule} set={change} />
      <Button variant="default" size="xs" onClick={() => void keep()}>
        Begin new pieces like this
      </Button>
      <h2>The hand</h2>
      <KindFields model="Hand" value={work.hand as unknown as Rule} set={part("hand")} />
      <h2>What a change costs</h2>
      <p className="quiet small">Minutes that a change is worth: the order has fewer of what costs more.</p>
      <KindFields model="Costs" value={work.costs as unknown as Rule} set={part("costs")} />
    </aside>
  );
}
