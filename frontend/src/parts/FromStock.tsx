/** What of the kit or the shelf a piece has: taken over anew, left out, added. */
import { Button, Table } from "@mantine/core";
import type { ReactNode } from "react";

interface Named {
  id: string;
  name: string;
}

interface ChangedProps {
  /** What is said before the names. */
  words: string;
  changed: readonly Named[];
  take: string;
  onTake: () => void;
}

export function Changed({ words, changed, take, onTake }: ChangedProps) {
  if (changed.length === 0) return null;
  return (
    <p className="small">
      {words}: {changed.map((one) => one.name).join(", ")}.{" "}
      <Button size="compact-xs" variant="light" onClick={onTake}>
        {take}
      </Button>
    </p>
  );
}

interface LeaveOutProps {
  one: Named;
  used: boolean;
  onLeave: () => void;
}

/** The last cell of a row: that it is in use, or a button that leaves it out. */
export function LeaveOut({ one, used, onLeave }: LeaveOutProps) {
  return (
    <Table.Td style={{ textAlign: "right" }}>
      {used ? (
        <span className="small quiet">in use</span>
      ) : (
        <Button size="compact-xs" variant="subtle" aria-label={`Leave out ${one.name}`} onClick={onLeave}>
          Leave out
        </Button>
      )}
    </Table.Td>
  );
}

interface OthersProps<T extends Named> {
  name: string;
  title: string;
  others: readonly T[];
  look: string;
  mark?: (one: T) => ReactNode;
  onAdd: (one: T) => void;
}

export function Others<T extends Named>({ name, title, others, look, mark, onAdd }: OthersProps<T>) {
  if (others.length === 0) return null;
  return (
    <section aria-label={name}>
      <h2>{title}</h2>
      <div className="chips">
        {others.map((one) => (
          <button key={one.id} type="button" className={look} onClick={() => onAdd(one)}>
            {mark?.(one)}+ {one.name}
          </button>
        ))}
      </div>
    </section>
  );
}
