/** The kit or the shelf as a file of its own, and what another one holds added to it. */
import { Button } from "@mantine/core";
import { client, keepFile, need } from "../api/client";
import type { Kit, Shelf } from "../api/types";
import type { Ledger } from "../piece/ledger";
import { FileChooser } from "../studio/FileChooser";
import { tell, tellProblem } from "../studio/notice";

interface Props<T extends Kit | Shelf> {
  name: "kit" | "shelf";
  ledger: Ledger<T>;
  stock: T | null;
}

export function StockFiles<T extends Kit | Shelf>({ name, ledger, stock }: Props<T>) {
  const keep = () => keepFile(new Blob([JSON.stringify(stock, null, 2)], { type: "application/json" }), `${name}.json`);
  const add = async (file: File) => {
    try {
      const body = { stock: stock!, file: await file.text() };
      const found = await need(client.POST("/api/stock/add", { body }));
      if (found.added > 0) ledger.edit(`Add from ${file.name}`.slice(0, 120), found.stock as T);
      tell(
        found.added > 0 ? `${found.added} added from ${file.name}.` : `${file.name} holds nothing that is not here.`,
      );
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <>
      <Button variant="subtle" onClick={keep} disabled={!stock}>
        Save as a file
      </Button>
      <FileChooser accept=".json,application/json" onFile={add}>
        {(open) => (
          <Button variant="subtle" onClick={open} disabled={!stock}>
            Add from a file…
          </Button>
        )}
      </FileChooser>
    </>
  );
}
