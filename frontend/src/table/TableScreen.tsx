/** The table: a screen for a device beside the work, made for wet fingers. */
import { useEffect, useState } from "react";
import { useStore } from "zustand";
import { useSession } from "../piece/useSession";
import { DryNotices } from "../studio/DryNotices";
import { Lost } from "../studio/Lost";
import { onNews } from "../studio/news";
import { useSettings } from "../studio/settings";
import { TableBook } from "./book";
import { Table } from "./Table";
import { useSteps } from "./useSteps";
import "../work/work.css";
import "./table.css";

export function TableScreen({ id }: { id: string }) {
  useSettings();
  const session = useSession(id);
  const [table] = useState(() => new TableBook(id));
  useEffect(() => table.open(), [table]);
  useEffect(
    () =>
      onNews((news) => {
        const { saving } = session.ledger.store.getState();
        if (news?.piece === id && news.part === "document" && saving === "saved") void session.ledger.load();
      }),
    [id, session],
  );
  const piece = useStore(session.ledger.store, (state) => state.document);
  const gone = useStore(session.ledger.store, (state) => state.lost);
  const { book, lost } = useStore(table.store);
  const { steps, problem } = useSteps(piece, book);
  if (gone || (lost && !book)) return <Lost why={gone ?? lost ?? ""} />;
  return (
    <div className="table-page">
      <title>{`${piece?.name ?? "Piece"} at the table · Fern Ring`}</title>
      <DryNotices />
      {piece && book && steps ? (
        <Table {...{ session, table, steps, problem }} piece={steps.piece} />
      ) : (
        <main className="page quiet">{problem ?? "Working out the steps…"}</main>
      )}
    </div>
  );
}
