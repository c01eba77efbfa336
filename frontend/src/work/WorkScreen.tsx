/** The steps of a piece, from bare blank to finished, in the order of the hand. */
import { Button } from "@mantine/core";
import { IconPrinter } from "@tabler/icons-react";
import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link } from "wouter";
import { useStore } from "zustand";
import { client, download, need } from "../api/client";
import type { Piece, Plan, Step, Work } from "../api/types";
import { Saved, UndoRedo } from "../piece/Strip";
import type { Session } from "../piece/session";
import { useUndoKeys } from "../piece/useKeys";
import { useSession } from "../piece/useSession";
import { fileName } from "../print/room";
import { Stone } from "../stone/Stone";
import { Lost } from "../studio/Lost";
import { tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import { spokenText, useUnits } from "../studio/units";
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
      {piece && <Steps session={session} piece={piece} />}
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
        disabled={!piece}
        leftSection={<IconPrinter size={17} />}
        onClick={() => piece && void card(piece)}
        aria-label="Work card, PDF"
      >
        Work card
      </Button>
    </>
  );
}

function Steps({ session, piece }: { session: Session; piece: Piece }) {
  const [picked, setPicked] = useState<string | null>(null);
  const asked = useQuery({
    queryKey: ["work", piece],
    queryFn: async ({ signal }) => {
      const work = need(client.POST("/api/work", { body: { piece, reports: [] }, signal }));
      const plan = need(client.POST("/api/plan", { body: piece, params: { query: { verdicts: "no" } }, signal }));
      const [steps, dots] = await Promise.all([work, plan]);
      return { work: steps as Work, plan: dots as Plan };
    },
    placeholderData: (before) => before,
    retry: false,
  });
  if (asked.error)
    return (
      <main className="page">
        <p role="alert">{asked.error.message}</p>
      </main>
    );
  if (!asked.data) return <main className="page quiet">Working out the steps…</main>;
  const { work, plan } = asked.data;
  const step = work.steps.find((one) => one.id === picked) ?? work.steps[0]!;
  return <Shown {...{ session, piece, work, plan, step }} busy={asked.isPlaceholderData} onPick={setPicked} />;
}

type Moves = Piece["work"]["moves"];

interface ShownProps {
  session: Session;
  piece: Piece;
  work: Work;
  plan: Plan;
  step: Step;
  busy: boolean;
  onPick: (id: string) => void;
}

function Shown({ session, piece, work, plan, step, busy, onPick }: ShownProps) {
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
      <StepList work={work} picked={step.id} onPick={onPick}>
        {piece.work.moves.length > 0 && (
          <Button size="xs" variant="default" onClick={() => change("Take the order that was found", () => [])}>
            Take the order that was found
          </Button>
        )}
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
