/** The Bench: all pieces side by side at true proportion. */
import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useLocation } from "wouter";
import { client, need } from "../api/client";
import type { Listed, Piece } from "../api/types";
import { FileChooser } from "../studio/FileChooser";
import { onNews } from "../studio/news";
import { tell, tellProblem } from "../studio/notice";
import { Shell } from "../studio/Shell";
import "./bench.css";
import { BenchPiece } from "./BenchPiece";
import { BroughtBack } from "./BroughtBack";
import { DamagedPiece } from "./DamagedPiece";
import { Summary } from "./Progress";
import { StudioMenu } from "./StudioMenu";

const LARGEST_PX = 232;

export function BenchScreen() {
  const query = useQuery({
    queryKey: ["pieces"],
    queryFn: () => need(client.GET("/api/pieces")),
    refetchOnMount: "always",
  });
  const { refetch } = query;
  useEffect(() => onNews((news) => void (news && refetch())), [refetch]);
  const pieces = query.data ?? [];
  const widest = Math.max(...pieces.map((one) => 2 * (("span" in one && one.span) || 0)), 1);
  return (
    <Shell title="Bench">
      <main className="page bench">
        <div className="bench-head">
          <div>
            <h1>Bench</h1>
            <p className="quiet">
              {pieces.length === 0 ? "Nothing here yet." : `${pieces.length} pieces, drawn to one scale.`}
            </p>
          </div>
          <span className="grow" />
          <StudioMenu />
          <OpenFile />
          <Button component={Link} href="/begin">
            New piece
          </Button>
        </div>
        <Summary pieces={pieces.filter((one): one is Listed => !("damaged" in one))} />
        <BroughtBack />
        {query.error && <p role="alert">{query.error.message}</p>}
        <ul className="bench-row">
          {pieces.map((one) =>
            "damaged" in one ? (
              <DamagedPiece key={one.id} piece={one} />
            ) : (
              <BenchPiece key={one.id} listed={one} pxPerMm={LARGEST_PX / widest} />
            ),
          )}
        </ul>
      </main>
    </Shell>
  );
}

/** Bring a piece in from a file. */
function OpenFile() {
  const keep = useKeepPiece();
  const read = async (file: File) => {
    try {
      await keep(await checked(await file.text()), "Open from a file");
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <FileChooser accept=".json,application/json" onFile={read}>
      {(open) => (
        <Button variant="default" onClick={open}>
          Open a file
        </Button>
      )}
    </FileChooser>
  );
}

/** The piece in a file's text, brought up to date. The server reads the text itself: it sees what parsing here hides. */
function checked(text: string): Promise<Piece> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Error("This file is not readable JSON, so it is no Fern Ring piece.");
  }
  if (typeof value !== "object" || value === null || Array.isArray(value))
    throw new Error("A Fern Ring document is a JSON object; this file holds something else.");
  const body = value as Record<string, unknown>;
  return need(client.POST("/api/check", { body, bodySerializer: () => text }));
}

/** Put a piece on the Bench and open it. */
export function useKeepPiece() {
  const [, go] = useLocation();
  const queries = useQueryClient();
  return async (piece: Piece, label: string): Promise<void> => {
    const made = await need(client.POST("/api/pieces", { body: { piece, label } }));
    await queries.invalidateQueries({ queryKey: ["pieces"] });
    tell(`“${piece.name}” is on the Bench.`);
    go(`/piece/${made.id}`);
  };
}

export type { Listed };
