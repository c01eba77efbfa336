/** The kit or the shelf with its ledger, for as long as what shows it is open. */
import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useStore } from "zustand";
import type { Kit, Shelf } from "../api/types";
import { Ledger } from "../piece/ledger";
import { useUndoKeys } from "../piece/useKeys";

/** With the keys that undo and redo on its own screen. */
export function useLedger<T extends Kit | Shelf>(ident: "kit" | "shelf") {
  const found = useStockLedger<T>(ident);
  useUndoKeys(found.ledger);
  return found;
}

export function useStockLedger<T extends Kit | Shelf>(ident: "kit" | "shelf") {
  const [ledger] = useState(() => new Ledger<T>(ident));
  const queries = useQueryClient();
  useEffect(() => {
    void ledger.load();
    return () => void queries.invalidateQueries({ queryKey: ["stock", ident] });
  }, [ledger, queries, ident]);
  const document = useStore(ledger.store, (state) => state.document);
  return { ledger, document };
}
