/** The verdict line: the plan summed up in words; each finding shows its places and offers remedies. */
import { Button, Collapse } from "@mantine/core";
import { useState } from "react";
import { useStore } from "zustand";
import type { Plan } from "../api/types";
import { spokenLength, type Units, useUnits } from "../studio/units";
import { Finding } from "./Finding";
import type { Session } from "./session";
import { useRemedies } from "./useRemedies";
import "./verdicts.css";

interface Props {
  session: Session;
  plan: Plan;
  problem: string | null;
  shown: string | null;
}

export function VerdictLine({ session, plan, problem, shown }: Props) {
  const units = useUnits((state) => state.units);
  const [open, setOpen] = useState(false);
  const count = plan.verdicts.length;
  const piece = useStore(session.ledger.store, (state) => state.document);
  const moving = useStore(session.sight, (state) => state.moving !== null);
  const planOf = useStore(session.sight, (state) => state.planOf);
  const waits = planOf !== piece && !moving && !problem;
  const remedies = useRemedies(piece, plan.verdicts, open && !moving);
  return (
    <section className="verdicts" aria-label="Verdicts" aria-busy={waits}>
      <Collapse expanded={open && count > 0}>
        <ul className="verdict-list">
          {plan.verdicts.map((verdict) => (
            <Finding
              key={verdict.key}
              {...{ session, verdict, units }}
              remedies={remedies[verdict.key]}
              shown={shown === verdict.key}
              onShow={(on) => session.show(on ? verdict.key : null)}
            />
          ))}
        </ul>
      </Collapse>
      <div className="verdict-line">
        <span className="figures" role="status">
          {problem ? <strong className="verdict-problem">{problem}</strong> : summary(plan, units)}
        </span>
        {waits && <span className="verdict-waits">Calculating…</span>}
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
