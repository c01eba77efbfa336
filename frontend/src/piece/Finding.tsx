/** One finding in words: its places, changes that mend it, or why it is meant so. */
import { Button, TextInput } from "@mantine/core";
import { useState } from "react";
import { fieldsOf } from "../api/facts";
import type { Remedy, Verdict } from "../api/types";
import { spokenText, type Units } from "../studio/units";
import type { Session } from "./session";
import "./verdicts.css";

const SIGN = { serious: "▲", warning: "△", note: "·" } as const;

interface FindingProps {
  session: Session;
  verdict: Verdict;
  units: Units;
  /** Undefined while they are being tried. */
  remedies: Remedy[] | undefined;
  shown: boolean;
  onShow: (on: boolean) => void;
}

export function Finding({ session, verdict, units, remedies, shown, onShow }: FindingProps) {
  const [accepting, setAccepting] = useState(false);
  const accepted = verdict.accepted !== null;
  const show = () => {
    onShow(!shown);
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
