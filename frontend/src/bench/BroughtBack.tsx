/** After a piece was deleted: the way to bring it back, for as long as the page is open. */
import { Button } from "@mantine/core";
import { useQueryClient } from "@tanstack/react-query";
import { create } from "zustand";
import { client, need } from "../api/client";
import { tellProblem } from "../studio/notice";

interface Deleted {
  last: { id: string; name: string } | null;
  set: (last: Deleted["last"]) => void;
}

export const useDeleted = create<Deleted>((set) => ({ last: null, set: (last) => set({ last }) }));

export function BroughtBack() {
  const { last, set } = useDeleted();
  const queries = useQueryClient();
  if (!last) return null;
  const back = async () => {
    try {
      await need(client.POST("/api/pieces/{ident}/restore", { params: { path: { ident: last.id } } }));
      set(null);
      await queries.invalidateQueries({ queryKey: ["pieces"] });
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <div className="bench-deleted" role="status">
      “{last.name}” was deleted.
      <Button size="xs" variant="light" onClick={() => void back()}>
        Bring it back
      </Button>
    </div>
  );
}
