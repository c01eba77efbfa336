/** The trims of a row: petals, top dots and swipes on every dot, and trims on them. */
import { Button } from "@mantine/core";
import { client, need } from "../api/client";
import { MOST, TRIMS } from "../api/facts";
import type { Trim } from "../api/types";
import { withChanges, withTrims } from "../piece/edits";
import { askedOfRow, changeRow, type RowProps, type TrimListProps } from "./props";
import { TrimFields } from "./TrimFields";

export function Trims(props: RowProps) {
  const { row } = props;
  return (
    <section aria-label="Trims" className="trims">
      <TrimList {...props} trims={row.trims as Trim[]} path={[]} first={0} />
    </section>
  );
}

export function TrimList(props: TrimListProps) {
  const { trims, path, row, first } = props;
  const change = (label: string, edit: (list: Trim[]) => Trim[]) =>
    changeRow(props, label, { trims: withTrims(row.trims as Trim[], path, edit) as typeof row.trims });
  const add = (kind: string, words: string) =>
    askedOfRow(props, words, async (now, place) => {
      const body = { piece: now, row: place, kind, path };
      return withChanges(now, await need(client.POST("/api/begin/trim", { body })));
    });
  let number = first;
  return (
    <>
      {trims.map((trim, k) => {
        const own = number;
        number += 1 + countOf("trims" in trim ? (trim.trims as Trim[]) : []);
        return (
          <TrimFields
            key={trim.id}
            {...props}
            trim={trim}
            place={k}
            number={own}
            set={(next) => change("Change a trim", (list) => list.map((one, j) => (j === k ? next : one)))}
            drop={() => change("Remove a trim", (list) => list.filter((_, j) => j !== k))}
          />
        );
      })}
      {path.length < MOST.depth && (
        <div className="trim-add">
          {Object.entries(TRIMS).map(([kind, { add: words }]) => (
            <Button
              key={kind}
              size="compact-xs"
              variant="light"
              aria-label={path.length ? `${words} on this trim` : words}
              onClick={() => void add(kind, words)}
            >
              {words}
            </Button>
          ))}
        </div>
      )}
    </>
  );
}

function countOf(trims: Trim[]): number {
  return trims.reduce((sum, trim) => sum + 1 + countOf("trims" in trim ? (trim.trims as Trim[]) : []), 0);
}
