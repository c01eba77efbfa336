/** The steps of a piece, from bare blank to finished, in the order of the hand. */
import { Button } from "@mantine/core";
import { IconPrinter } from "@tabler/icons-react";
import { useEffect, useMemo, useState } from "react";
import { Link } from "wouter";
import { useStore } from "zustand";
import { download } from "../api/client";
import type { Book, Piece, Plan, Step, Work } from "../api/types";
import { Saved, UndoRedo } from "../piece/Strip";
import type { Session } from "../piece/session";
import { useUndoKeys } from "../piece/useKeys";
import { useSession } from "../piece/useSession";
import { fileName } from "../print/room";
import { Stone } from "../stone/Stone";
import { Lost } from "../studio/Lost";
import { tellProblem } from "../studio/notice";
import { Opening } from "../studio/Opening";
import { Shell } from "../studio/Shell";
import { spokenText, useUnits } from "../studio/units";
import { TableBook } from "../table/book";
import { useSteps } from "../table/useSteps";
import { AtTheTable } from "./AtTheTable";
import { Choices } from "./Choices";
import { paintedUntil } from "./painted";
import { StepCard } from "./StepCard";
import { StepList } from "./StepList";
import "./work.css";

export function WorkScreen({ id }: { id: string }) {
  const session = useSession(id);
  const piece = useStore(session.ledger.store, (state) => state.document);
  const lost = useStore(session.ledger.store, (state) => state.lost);
  useUndoKeys(session.ledger);
  if (lost) return <Lost why={lost} />;
  return (
    <Shell title="Steps" strip={<WorkStrip session={session} piece={piece} />}>
      {piece ? <Steps session={session} piece={piece} /> : <Opening />}
    </Shell>
  );
}

function WorkStrip({ session, piece }: { session: Session; piece: Piece | null }) {
  const units = useUnits((state) => state.units);
  const card = (one: Piece) =>
    download("/api/print/work-card", { piece: one, units }, fileName(one, "steps", "pdf")).catch(tellProblem);
  return (
    <>
      <Link href="/" className="plainlink">
        Bench
      </Link>
      <Link href={`/piece/${session.ledger.ident}`} className="plainlink">
        <bdi>{piece?.name ?? "Piece"}</bdi>
      </Link>
      <strong>Steps</strong>
      <UndoRedo ledger={session.ledger} />
      <Saved ledger={session.ledger} />
      <span className="grow" />
      <Button
        variant="default"
        disabled={!piece}
        leftSection={<IconPrinter size={17} />}
        onClick={() => piece && void card(piece)}
        aria-label="Work card, PDF"
      >
        Work card
      </Button>
      <Button component={Link} href={`/piece/${session.ledger.ident}/table`}>
        At the table
      </Button>
    </>
  );
}

function Steps({ session, piece }: { session: Session; piece: Piece }) {
  const [picked, setPicked] = useState<string | null>(null);
  const [table] = useState(() => new TableBook(session.ledger.ident));
  useEffect(() => table.open(), [table]);
  const book = useStore(table.store, (state) => state.book);
  const { steps, problem } = useSteps(piece, book);
  if (!steps || !book)
    return (
      <main className="page">
        <p role={problem ? "alert" : "status"}>{problem ?? "Working out the steps…"}</p>
      </main>
    );
  const { work, plan, taught } = steps;
  const timed = taught.paces.length;
  const step = work.steps.find((one) => one.id === picked) ?? work.steps[0]!;
  const busy = steps.piece !== piece;
  return (
    <Shown {...{ session, work, plan, table, book, timed, step, problem, busy }} piece={piece} onPick={setPicked} />
  );
}

type Moves = Piece["work"]["moves"];

interface ShownProps {
  session: Session;
  piece: Piece;
  work: Work;
  plan: Plan;
  table: TableBook;
  book: Book;
  timed: number;
  step: Step;
  problem: string | null;
  busy: boolean;
  onPick: (id: string) => void;
}

function Shown({ session, piece, work, plan, table, book, timed, step, problem, busy, onPick }: ShownProps) {
  const units = useUnits((state) => state.units);
  const painted = useMemo(() => paintedUntil(plan, work.steps, step), [plan, work, step]);
  const change = (label: string, make: (now: Moves) => Moves) =>
    session.edit(label, (now) => ({ ...now, work: { ...now.work, moves: make(now.work.moves) } }));
  const move = (first: string, before: string) =>
    change("Do a step earlier", (now) => [
      ...now.filter((one) => !(one.step === before && one.before === first)),
      { step: first, before },
    ]);
  return (
    <main className="work" aria-busy={busy}>
      <StepList
        work={work}
        book={book}
        timed={timed}
        picked={step.id}
        onPick={onPick}
        after={<AtTheTable {...{ session, piece, table, book }} />}
      >
        {piece.work.moves.length > 0 && (
          <Button size="xs" variant="default" onClick={() => change("Take the order that was found", () => [])}>
            Take the order that was found
          </Button>
        )}
        {problem && <p role="alert">{problem}</p>}
        {work.refused.map((why) => (
          <p key={why} className="work-hand small" role="status">
            {spokenText(why, units)}
          </p>
        ))}
      </StepList>
      <div className="work-middle">
        <Stone
          plan={painted}
          base={piece.blank.base.colour}
          name={`${piece.name} as it is after this step, whose dots are ringed`}
          places={step.dots}
          guides="none"
        />
        <StepCard step={step} piece={piece} plan={plan} work={work} onPick={onPick} onMove={move} />
      </div>
      <Choices session={session} piece={piece} />
    </main>
  );
}
