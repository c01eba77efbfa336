/**
 * What is common to the tables of what fits: the wait for them, and the cell that takes an alternative. While a new
 * answer is on its way the old one is seen but not taken: it was for another row than it is now.
 */
import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useEffect, useRef } from "react";
import type { Change } from "../api/types";
import { withChanges } from "../piece/edits";
import type { RowProps } from "./props";

interface Props<T> {
  queryKey: unknown[];
  ask: () => Promise<T[]>;
  /** Said when there is no alternative. */
  none: string;
  children: (found: T[]) => ReactNode;
}

export function Fits<T>({ queryKey, ask, none, children }: Props<T>) {
  const query = useQuery({ queryKey, queryFn: ask, placeholderData: (before) => before, gcTime: 0 });
  if (query.error) return <p className="row-noroom">{query.error.message}</p>;
  if (!query.data) return <p className="small quiet">Calculating what fits…</p>;
  if (query.data.length === 0) return <p className="small quiet">{none}</p>;
  return (
    <fieldset className="answered" disabled={query.isPlaceholderData}>
      {children(query.data)}
    </fieldset>
  );
}

/** Scrolled to when it comes, and left where the reader scrolls it then. */
export function IntoView({ children }: { children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    place.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return <div ref={place}>{children}</div>;
}

export function ChooseHead() {
  return (
    <th scope="col">
      <span className="visually-hidden">Choose</span>
    </th>
  );
}

interface UseProps extends Pick<RowProps, "session" | "row"> {
  one: { current: boolean; changes: Change[] };
  name: string;
  /** What the edit is called. */
  edit?: string;
}

export function UseCell({ session, row, one, name, edit = "Use what fits" }: UseProps) {
  return (
    <td>
      {one.current ? (
        <span className="small quiet">as it is</span>
      ) : (
        <button
          type="button"
          className="chip square"
          aria-label={name}
          onClick={() => session.edit(edit, (now) => withChanges(now, one.changes), row.id)}
        >
          Use
        </button>
      )}
    </td>
  );
}
