/** The verdict line: the plan summed up in words; each finding shows its places and offers remedies. */
import { Button, Collapse, TextInput } from "@mantine/core";
import { useState } from "react";
import { useStore } from "zustand";
import { fieldsOf } from "../api/facts";
import type { Plan, Remedy, Verdict } from "../api/types";
import { spokenLength, spokenText, type Units, useUnits } from "../studio/units";
import type { Session } from "./session";
import { useRemedies } from "./useRemedies";
import "./verdicts.css";

interface Props {
  session: Session;
  plan: Plan;
  problem: string | null;
  shown: string | null;
}

const SIGN = { serious: "▲", warning: "△", note: "·" } as const;

export function VerdictLine({ session, plan, problem, shown }: Props) {
  const units = useUnits((state) => state.units);
  const [open, setOpen] = useState(false);
  const count = plan.verdicts.length;
  const piece = useStore(session.ledger.store, (state) => state.document);
  const moving = useStore(session.sight, (state) => state.moving !== null);
  const remedies = useRemedies(piece, plan.verdicts, open && !moving);
  return (
    <section className="verdicts" aria-label="Verdicts">
      <Collapse expanded={open && count > 0}>
        <ul className="verdict-list">
          {plan.verdicts.map((verdict) => (
            <Finding
              key={verdict.key}
              {...{ session, verdict, units }}
              remedies={remedies[verdict.key]}
              shown={shown === verdict.key}
            />
          ))}
        </ul>
      </Collapse>
      <div className="verdict-line">
        <span className="figures" role="status">
          {problem ? <strong className="verdict-problem">{problem}</strong> : summary(plan, units)}
        </span>
        <span className="grow" />
        {plan.slack && (
          <Button size="xs" variant="light" onClick={() => void session.spreadSlack()}>
            Spread the slack
          </Button>
        )}
        {count > 0 && (
          <Button size="xs" variant={open ? "filled" : "default"} aria-expanded={open} onClick={() => setOpen(!open)}>
            {count === 1 ? "1 verdict" : `${count} verdicts`}
          </Button>
        )}
      </div>
    </section>
  );
}

/** "9 rows, 312 dots. All clear, exactly at the border." */
export function summary(plan: Plan, units: Units): string {
  const { rows, dots, left } = plan.totals;
  const open = plan.verdicts.filter((verdict) => verdict.accepted === null);
  const serious = open.filter((verdict) => verdict.severity === "serious").length;
  const warnings = open.filter((verdict) => verdict.severity === "warning").length;
  const edge =
    left < -1e-6
      ? `${spokenLength(-left, units)} over the border`
      : left < 5e-4
        ? "exactly at the border"
        : `${spokenLength(left, units)} left at the edge`;
  const state = serious
    ? `${serious} serious finding${serious > 1 ? "s" : ""}`
    : warnings
      ? `${warnings} warning${warnings > 1 ? "s" : ""}`
      : open.length
        ? `${open.length} note${open.length > 1 ? "s" : ""}`
        : "All clear";
  return `${rows} row${rows === 1 ? "" : "s"}, ${dots} dot${dots === 1 ? "" : "s"}. ${state}, ${edge}.`;
}

interface FindingProps {
  session: Session;
  verdict: Verdict;
  units: Units;
  /** Undefined while they are being tried. */
  remedies: Remedy[] | undefined;
  shown: boolean;
}

function Finding({ session, verdict, units, remedies, shown }: FindingProps) {
  const [accepting, setAccepting] = useState(false);
  const accepted = verdict.accepted !== null;
  const show = () => {
    session.show(shown ? null : verdict.key);
    if (verdict.rows[0] !== undefined) session.pick(verdict.rows[verdict.rows.length - 1]!);
  };
  return (
    <li className={accepted ? "verdict accepted" : `verdict ${verdict.severity}`}>
      <span className="verdict-sign" aria-hidden="true">
        {accepted ? "✓" : SIGN[verdict.severity]}
      </span>
      <span className="verdict-text">
        <span className="visually-hidden">{accepted ? "accepted" : verdict.severity}: </span>
        {spokenText(verdict.text, units)}
        {accepted && <em> Accepted{verdict.accepted ? `: ${verdict.accepted}` : ""}.</em>}
      </span>
      <span className="verdict-acts">
        {verdict.rows.length > 0 && (
          <Button size="compact-xs" variant="subtle" aria-pressed={shown} onClick={show}>
            {shown ? "Hide places" : "Show places"}
          </Button>
        )}
        {!accepted && !remedies && <span className="verdict-trying">trying remedies…</span>}
        {!accepted &&
          remedies?.map((remedy) => (
            <Button key={remedy.label} size="compact-xs" variant="light" onClick={() => void session.remedy(remedy)}>
              {spokenText(remedy.label, units)}
            </Button>
          ))}
        {accepted ? (
          <Button size="compact-xs" variant="subtle" onClick={() => revoke(session, verdict.key)}>
            Take back
          </Button>
        ) : (
          <Button size="compact-xs" variant="subtle" aria-expanded={accepting} onClick={() => setAccepting(!accepting)}>
            Accept…
          </Button>
        )}
      </span>
      {accepting && !accepted && (
        <form
          className="verdict-reason"
          onSubmit={(event) => {
            event.preventDefault();
            accept(session, verdict.key, String(new FormData(event.currentTarget).get("reason") ?? "").trim());
            setAccepting(false);
          }}
        >
          <TextInput
            name="reason"
            aria-label="Why it is meant so"
            placeholder="Why it is meant so"
            maxLength={fieldsOf("Accepted").reason?.longest}
            autoFocus
          />
          <Button size="xs" type="submit">
            Accept
          </Button>
        </form>
      )}
    </li>
  );
}

function accept(session: Session, key: string, reason: string): void {
  session.edit("Accept a verdict", (piece) => ({ ...piece, accepted: [...piece.accepted, { key, reason }] }));
}

function revoke(session: Session, key: string): void {
  session.edit("Take back an acceptance", (piece) => ({
    ...piece,
    accepted: piece.accepted.filter((one) => one.key !== key),
  }));
}
