/** A piece that is open: its ledger, its plan, and what is picked and shown at the moment. */
import { create } from "zustand";
import { client, need } from "../api/client";
import type { Piece, Plan, Remedy, Row } from "../api/types";
import { tell, tellProblem } from "../studio/notice";
import { spokenLength, spokenText, useUnits } from "../studio/units";
import { freshId, withChanges, withRowAt } from "./edits";
import { Ledger } from "./ledger";
import { Planner } from "./planner";

interface Sight {
  plan: Plan | null;
  /** The document the plan belongs to. */
  planOf: Piece | null;
  /** The document during a gesture, before it is an edit. */
  moving: Piece | null;
  problem: string | null;
  row: number | null;
  /** Key of the verdict whose places are shown. */
  shown: string | null;
  /** Dots of the plan that an instrument points at. */
  pointed: { plan: Plan; dots: number[] } | null;
}

/** What the server made of a piece, and what the edit is about. */
export interface Asked {
  piece: Piece;
  mark?: string;
}

const MOST_TRIES = 5;

export class Session {
  readonly ledger: Ledger<Piece>;
  readonly sight = create<Sight>(() => ({
    plan: null,
    planOf: null,
    moving: null,
    problem: null,
    row: null,
    shown: null,
    pointed: null,
  }));
  private readonly planner = new Planner(
    (plan, planOf) => this.sight.setState({ plan, planOf, problem: null }),
    (cause) => this.sight.setState({ problem: cause.message }),
  );
  private stop: () => void = () => undefined;
  private turn: Promise<unknown> = Promise.resolve();
  private readonly movedAt = new WeakMap<Piece, number>();

  constructor(ident: string) {
    this.ledger = new Ledger<Piece>(ident);
  }

  /** Load the piece and follow it; answers how to stop. */
  open(): () => void {
    let before: Piece | null = null;
    this.stop = this.ledger.store.subscribe(({ document }) => {
      if (document && document !== before) this.planner.want(document, false);
      before = document;
    });
    void this.ledger.load();
    return () => this.stop();
  }

  get piece(): Piece | null {
    return this.ledger.store.getState().document;
  }

  /** A finished edit, made from the piece as it stands. */
  edit(label: string, make: (piece: Piece) => Piece | null, mark = ""): void {
    const piece = this.piece && make(this.piece);
    this.sight.setState({ moving: null });
    if (piece && piece !== this.piece) this.ledger.edit(label, piece, mark);
    else if (this.piece) this.planner.want(this.piece, false);
  }

  /** An edit that the server works out. Those asked for in quick succession take turns, each from the piece as it then
   * stands; where the piece changed while one was worked out, it is asked about anew. `ask` answers null where there is
   * nothing left to change. Rejects with the server's refusal. */
  asked(label: string, ask: (piece: Piece) => Promise<Asked | null>): Promise<void> {
    const turn = this.turn.then(() => this.ledger.whileAsking(() => this.worked(label, ask)));
    this.turn = turn.catch(() => undefined);
    return turn;
  }

  private async worked(label: string, ask: (piece: Piece) => Promise<Asked | null>): Promise<void> {
    for (let tries = 0; tries < MOST_TRIES; tries++) {
      const { piece } = this;
      if (!piece) return;
      const found = await ask(piece);
      if (!found) return;
      if (this.piece === piece) {
        this.edit(label, () => found.piece, found.mark);
        return;
      }
    }
    throw new Error(`${label}: the piece kept changing meanwhile, so nothing was done; please try again.`);
  }

  /** As `asked`; a refusal is shown as a notice. */
  async askedOrTold(label: string, ask: (piece: Piece) => Promise<Asked | null>): Promise<void> {
    try {
      await this.asked(label, ask);
    } catch (cause) {
      tellProblem(cause);
    }
  }

  /** The piece as it would be, while something is slid. */
  move(piece: Piece): void {
    this.movedAt.set(piece, performance.now());
    this.sight.setState({ moving: piece });
    this.planner.want(piece, true);
  }

  /** A plan stands on the screen: when it came of a gesture, the browser's timeline notes how long it took. */
  drawn(plan: Plan): void {
    const { plan: newest, planOf } = this.sight.getState();
    const start = plan === newest && planOf ? this.movedAt.get(planOf) : undefined;
    if (start === undefined || !planOf) return;
    this.movedAt.delete(planOf);
    performance.measure("plan drawn", { start });
  }

  /** The gesture was called off. */
  settle(): void {
    this.sight.setState({ moving: null });
    if (this.piece) this.planner.want(this.piece, false);
  }

  pick(row: number | null): void {
    this.sight.setState({ row });
  }

  show(key: string | null): void {
    this.sight.setState({ shown: key, pointed: null });
  }

  /** Point at dots of this plan, or at none. */
  point(plan: Plan, dots: number[]): void {
    this.sight.setState({ pointed: dots.length > 0 ? { plan, dots } : null, shown: null });
  }

  async remedy(remedy: Remedy): Promise<void> {
    if (remedy.action === "spread slack") await this.spreadSlack();
    else if (remedy.action === "add row") await this.addRow();
    else this.edit(spokenText(remedy.label, useUnits.getState().units), (piece) => withChanges(piece, remedy.changes));
  }

  spreadSlack(): Promise<void> {
    return this.askedOrTold("Spread the slack", async (piece) => {
      const spread = await need(client.POST("/api/slack", { body: piece }));
      const { units } = useUnits.getState();
      const left = spread.left > 1e-4 ? `, ${spokenLength(spread.left, units)} could not be spread` : "";
      tell(`${spokenLength(spread.added, units)} added to each gap${left}.`);
      return { piece: spread.piece };
    });
  }

  /** One more row that fits, at the end. */
  async addRow(): Promise<void> {
    const added = await this.addedRow(async (piece) => {
      const row = await need(client.POST("/api/next-row", { body: piece }));
      return { at: piece.rows.length, row };
    });
    this.pickRow(added);
  }

  /** A row on another kind of track that fits, at the end. */
  async addRowOn(kind: string): Promise<void> {
    const added = await this.addedRow(async (piece) => {
      const row = await need(client.POST("/api/begin/row", { body: { piece, kind, where: "" } }));
      return { at: piece.rows.length, row };
    });
    this.pickRow(added);
  }

  /** One more row that fits, below the one at `index`. */
  async addRowBelow(index: number): Promise<void> {
    const above = this.piece?.rows[index]?.id;
    const added = await this.addedRow(async (piece) => {
      const at = piece.rows.findIndex((one) => one.id === above);
      if (at < 0) return null;
      const row = await need(client.POST("/api/row-below", { body: { piece, row: at } }));
      return { at: at + 1, row };
    });
    this.pickRow(added);
  }

  private pickRow(id: string | undefined): void {
    const now = this.piece?.rows.findIndex((one) => one.id === id) ?? -1;
    if (now >= 0) this.pick(now);
  }

  /** A row that the server finds, set in at a place; answers its id, or nothing where none came of it. */
  private async addedRow(
    find: (piece: Piece) => Promise<{ at: number; row: Row } | null>,
  ): Promise<string | undefined> {
    let id: string | undefined;
    await this.askedOrTold("Add a row", async (piece) => {
      const found = await find(piece);
      if (!found) return null;
      id = freshId("row", piece.rows);
      const after = withRowAt(piece, found.at, { ...found.row, id });
      if (piece.ramps.length === 0) return { piece: after, mark: id };
      const body = { before: piece, after };
      return { piece: await need(client.POST("/api/graded/follow", { body })), mark: id };
    });
    return id;
  }
}
