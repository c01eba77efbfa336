/** Where a piece is: what comes next of its work, and until when something of it dries. */
import { Link } from "wouter";
import type { Listed } from "../api/types";
import { clock } from "../table/clock";

export function Progress({ listed }: { listed: Listed }) {
  const { at_work: work } = listed;
  if (!work) return <span className="small quiet">planned</span>;
  const { progress } = work;
  const done = progress?.left === 0;
  return (
    <Link href={`/piece/${listed.id}/table`} className="plainlink small figures bench-progress">
      {stageWords(listed)}
      {!done && work.drying !== null && (
        <>
          <br />
          drying until {clock(work.drying)}
        </>
      )}
    </Link>
  );
}

/** "planned", "painting, sitting 2 of 4", "done". */
export function stageWords({ at_work: work }: Listed): string {
  const progress = work?.progress;
  if (!work) return "planned";
  if (!progress) return "begun";
  if (progress.left === 0) return "done";
  if (progress.last === "marking out") return "marked out";
  const resting = work.resting ? ", a pause" : "";
  return `${progress.stage}, sitting ${progress.sitting} of ${progress.sittings}${resting}`;
}

/** What can be painted now, and what dries, over all pieces. */
export function Summary({ pieces }: { pieces: readonly Listed[] }) {
  const begun = pieces.filter(({ at_work: work }) => work && work.progress?.left !== 0);
  if (begun.length === 0) return null;
  const dries = begun.filter(({ at_work: work }) => work!.drying !== null);
  const ready = begun.filter(({ at_work: work }) => work!.drying === null);
  return (
    <p className="bench-summary" role="status">
      {ready.length > 0 && <>To go on with: {names(ready)}. </>}
      {dries.length > 0 && (
        <>Drying: {dries.map((one) => `${one.name} until ${clock(one.at_work!.drying!)}`).join(", ")}.</>
      )}
    </p>
  );
}

function names(pieces: readonly Listed[]): string {
  return pieces.map(({ name }) => name).join(", ");
}
