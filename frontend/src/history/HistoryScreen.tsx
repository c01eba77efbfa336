/** The history of a piece: its revisions, looked at and brought back. */
import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useLocation } from "wouter";
import { useStore } from "zustand";
import { client, need } from "../api/client";
import type { Piece, Revision } from "../api/types";
import { usePlan } from "../bench/usePlan";
import { departed } from "../piece/ledger";
import { useSession } from "../piece/useSession";
import { summary } from "../piece/VerdictLine";
import { Stone } from "../stone/Stone";
import { Lost } from "../studio/Lost";
import { tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import { useUnits } from "../studio/units";
import "./history.css";

const WHY: Record<string, string> = {
  left: "on leaving",
  printed: "when it was printed",
  idle: "after ten quiet minutes",
  asked: "saved on purpose",
  "brought back": "before an earlier one came back",
};

export function HistoryScreen({ id }: { id: string }) {
  const session = useSession(id);
  const piece = useStore(session.ledger.store, (state) => state.document);
  const lost = useStore(session.ledger.store, (state) => state.lost);
  const [, go] = useLocation();
  const queries = useQueryClient();
  const [picked, setPicked] = useState<number | null>(null);
  const path = { params: { path: { ident: id } } };
  const list = useQuery({
    queryKey: ["revisions", id],
    queryFn: async () => {
      await departed(id);
      return need(client.GET("/api/documents/{ident}/revisions", path));
    },
    refetchOnMount: "always",
  });
  const revision = list.data?.find((one) => one.id === picked) ?? list.data?.[0];
  const cut = async () => {
    await session.ledger.revise("asked").catch(tellProblem);
    await queries.invalidateQueries({ queryKey: ["revisions", id] });
  };
  const bringBack = async (old: Piece, from: Revision) => {
    await session.ledger.revise("brought back").catch(tellProblem);
    session.edit(`Bring back ${when(from)}`, () => old);
    go(`/piece/${id}`);
  };
  if (lost) return <Lost why={lost} />;
  return (
    <Shell title="History" strip={<HistoryStrip id={id} name={piece?.name ?? "Piece"} />}>
      <main className="history">
        <div className="history-list">
          <h1>History</h1>
          <p className="quiet small">Every edit is saved. These are the states worth coming back to.</p>
          <Button size="xs" variant="light" onClick={() => void cut()}>
            Save the piece as it is now
          </Button>
          {list.data?.length === 0 && (
            <p className="quiet">No revision yet. One is cut when you print, leave, or ask for it.</p>
          )}
          <ul>
            {list.data?.map((one) => (
              <li key={one.id}>
                <button
                  type="button"
                  className="history-one"
                  aria-pressed={one.id === revision?.id}
                  onClick={() => setPicked(one.id)}
                >
                  <strong className="figures">{when(one)}</strong>
                  <span className="small quiet">
                    {WHY[one.reason]}, after “{one.label}”
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
        {revision && (
          <Earlier key={revision.id} id={id} revision={revision} ready={piece !== null} onBringBack={bringBack} />
        )}
      </main>
    </Shell>
  );
}

function HistoryStrip({ id, name }: { id: string; name: string }) {
  return (
    <>
      <Link href="/" className="plainlink">
        Bench
      </Link>
      <Link href={`/piece/${id}`} className="plainlink">
        {name}
      </Link>
      <strong>History</strong>
      <span className="grow" />
    </>
  );
}

interface EarlierProps {
  id: string;
  revision: Revision;
  /** Whether the piece as it is now has come, so that something can be made of it. */
  ready: boolean;
  onBringBack: (old: Piece, from: Revision) => Promise<void>;
}

function Earlier({ id, revision, ready, onBringBack }: EarlierProps) {
  const units = useUnits((state) => state.units);
  const path = { params: { path: { ident: id, revision: revision.id } } };
  const old = useQuery({
    queryKey: ["revision", id, revision.id],
    queryFn: async () => (await need(client.GET("/api/documents/{ident}/revisions/{revision}", path))) as Piece,
  }).data;
  const plan = usePlan(old, revision.edit).data;
  if (!old || !plan) return <div className="history-stone" />;
  return (
    <div className="history-stone">
      <Stone plan={plan} base={old.blank.base.colour} name={`${old.name} as of ${when(revision)}`} />
      <div className="history-foot">
        <span className="figures">{summary(plan, units)}</span>
        <span className="grow" />
        <Button disabled={!ready} onClick={() => void onBringBack(old, revision)}>
          Bring this back
        </Button>
      </div>
    </div>
  );
}

function when(revision: Revision): string {
  const at = new Date(revision.made_at);
  const day = at.toLocaleDateString("en-GB", { day: "numeric", month: "short" });
  return `${day}, ${at.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" })}`;
}
