/** The kit or the shelf as a file of its own, and what another one holds added to it. */
import { Button, Menu } from "@mantine/core";
import { client, download, keepFile, need } from "../api/client";
import type { Kit, Shelf } from "../api/types";
import type { Ledger } from "../piece/ledger";
import { FileChooser } from "../studio/FileChooser";
import { tell, tellProblem } from "../studio/notice";

const KITS = ".json,application/json";
const TABLES = `${KITS},.csv,.tsv,.txt,text/plain,text/csv`;
const PALETTES = `${TABLES},.gpl`;

/** As what else the shelf goes out: way, ending, words. */
const OTHERS = [
  ["csv", "csv", "A table"],
  ["palette", "gpl", "A text palette"],
  ["hex", "txt", "Hex values"],
] as const;

interface Props<T extends Kit | Shelf> {
  name: "kit" | "shelf";
  ledger: Ledger<T>;
  stock: T | null;
}

export function StockFiles<T extends Kit | Shelf>({ name, ledger, stock }: Props<T>) {
  const keep = () => keepFile(new Blob([JSON.stringify(stock, null, 2)], { type: "application/json" }), `${name}.json`);
  const keepAs = async (way: string, ending: string) => {
    try {
      if (name === "kit") await download("/api/kit/csv", { kit: stock }, "kit.csv");
      else await download("/api/stock/palette", { shelf: stock, way }, `shelf.${ending}`);
    } catch (cause) {
      tellProblem(cause);
    }
  };
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
      <Menu position="bottom-end">
        <Menu.Target>
          <Button variant="subtle" disabled={!stock}>
            Save as…
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={keep}>{`A ${name} file, with everything`}</Menu.Item>
          {OTHERS.filter(([way]) => name === "shelf" || way === "csv").map(([way, ending, words]) => (
            <Menu.Item key={way} onClick={() => void keepAs(way, ending)}>
              {words}
            </Menu.Item>
          ))}
        </Menu.Dropdown>
      </Menu>
      <FileChooser accept={name === "shelf" ? PALETTES : TABLES} onFile={add}>
        {(open) => (
          <Button variant="subtle" onClick={open} disabled={!stock}>
            Add from a file…
          </Button>
        )}
      </FileChooser>
    </>
  );
}
