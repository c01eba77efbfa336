/** An open piece for as long as a screen shows it. A revision is cut on leaving, and after ten idle minutes. */
import { useEffect, useState } from "react";
import { tellProblem } from "../studio/notice";
import { Session } from "./session";

const IDLE_MS = 10 * 60_000;

export function useSession(ident: string): Session {
  const [session] = useState(() => new Session(ident));
  useEffect(() => session.open(), [session]);
  useEffect(() => {
    const { ledger } = session;
    const opened = () => ledger.store.getState().place?.head;
    let begun: string | undefined;
    let timer = 0;
    const stop = ledger.store.subscribe((state) => {
      begun ??= state.place?.head;
      window.clearTimeout(timer);
      timer = window.setTimeout(() => ledger.revise("idle").catch(tellProblem), IDLE_MS);
    });
    const leave = () => {
      if (begun && opened() !== begun) ledger.left();
      begun = opened();
    };
    window.addEventListener("pagehide", leave);
    return () => {
      stop();
      window.clearTimeout(timer);
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [session]);
  return session;
}
