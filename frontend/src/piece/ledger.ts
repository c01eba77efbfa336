/** One document with its ledger, as the page holds it: edits go out at once, undo and redo come from the server. */
import { createStore, type StoreApi } from "zustand";
import { client, need } from "../api/client";
import type { Saved, State, Studio, StudioDocument } from "../api/types";
import { Outbox, type Told } from "../keeping/outbox";
import { newToken } from "../keeping/token";
import { tell, tellProblem } from "../studio/notice";

/** `delayed`: the server answers, but cannot take it yet; `held`: this page alone has it. */
export type Saving = "saved" | "saving" | "waiting" | "delayed" | "held";

const NO_ROOM =
  "This browser has no room to keep changes. They are sent to the server at once; leave this page open until they are saved.";
const OTHER_WAY = "Another window went on from here; your change stays in the history of the piece.";

export interface LedgerState<T extends StudioDocument> {
  document: T | null;
  /** Where the server stands, for branches and the names of undo and redo. */
  place: Saved | null;
  saving: Saving;
  /** Changes that the server is being asked for: those that it works out, and steps back and forth. */
  asking: number;
  /** Why the document could not be opened. */
  lost: string | null;
}

const departures = new Map<string, Promise<void>>();

/** Resolves when the revision cut on leaving this document has arrived, or could not be sent. */
export function departed(ident: string): Promise<void> {
  return departures.get(ident) ?? Promise.resolve();
}

export class Ledger<T extends StudioDocument> {
  readonly store: StoreApi<LedgerState<T>>;
  readonly ident: string;
  private readonly outbox: Outbox;
  private stepping: Promise<void> = Promise.resolve();
  private studio: Studio | null = null;
  private kept = true;
  private changes = 0;
  private loading: Promise<void> = Promise.resolve();

  constructor(ident: string) {
    this.ident = ident;
    this.store = createStore(() => ({ document: null, place: null, saving: "saved", asking: 0, lost: null }));
    this.outbox = new Outbox(ident, (told) => this.hear(told));
  }

  load(): Promise<void> {
    this.loading = this.read();
    return this.loading;
  }

  private async read(): Promise<void> {
    try {
      const { changes } = this;
      const waited = await this.outbox.waiting();
      const path = { params: { path: { ident: this.ident } } };
      const state = await need(client.GET("/api/documents/{ident}", path));
      const { newest, waiting } = await this.outbox.recall(state.studio);
      const sent = newest !== this.outbox.last || [...waited].some((id) => !waiting.has(id));
      if (sent || (changes !== this.changes && !newest)) return this.read(); // what came may lack it
      this.take(state);
      if (newest) this.store.setState({ document: newest.document as T, saving: "saving" });
    } catch (cause) {
      this.store.setState({ lost: (cause as Error).message });
    }
  }

  /** While `work` goes on, not everything is kept yet. */
  async whileAsking(work: () => Promise<void>): Promise<void> {
    this.store.setState((state) => ({ asking: state.asking + 1 }));
    try {
      await work();
    } finally {
      this.store.setState((state) => ({ asking: state.asking - 1 }));
    }
  }

  /** A finished edit. `mark` says what it is about, so that the page can point at it on undo. */
  edit(label: string, document: T, mark = ""): void {
    const { place, saving } = this.store.getState();
    if (!place || !this.studio) return;
    const basedOn = this.outbox.last?.id ?? place.head;
    const next = saving === "saved" ? "saving" : saving;
    this.store.setState({ document, saving: next, place: { ...place, undo: label, redo: null } });
    this.changes++;
    this.outbox.add({ id: newToken(), branch: place.branch, based_on: basedOn, label, mark, document }, this.studio);
  }

  undo = (): Promise<void> => this.step("undo");
  redo = (): Promise<void> => this.step("redo");

  /** Go on with this branch alone. */
  async choose(branch: string): Promise<void> {
    await this.outbox.flush();
    const path = { params: { path: { ident: this.ident, branch } } };
    this.take(await need(client.POST("/api/documents/{ident}/branches/{branch}/choose", path)));
  }

  /** Keep this branch as a piece of its own; answers the new piece's id. */
  async separate(branch: string): Promise<string> {
    await this.outbox.flush();
    const path = { params: { path: { ident: this.ident, branch } } };
    return (await need(client.POST("/api/documents/{ident}/branches/{branch}/separate", path))).id;
  }

  /** Cut a revision of what the server has; answers its number. */
  async revise(reason: "printed" | "idle" | "asked" | "brought back"): Promise<number | null> {
    await this.loading; // pressed before the document was there
    await this.outbox.flush();
    const { place } = this.store.getState();
    if (!place) return null;
    const body = { edit: place.head, reason };
    const path = { params: { path: { ident: this.ident } }, body };
    return (await need(client.POST("/api/documents/{ident}/revisions", path))).id;
  }

  /** Cut a revision on leaving; the request outlives the page. */
  left(): void {
    const { place } = this.store.getState();
    if (!place) return;
    const init = { method: "POST", keepalive: true, headers: { "content-type": "application/json" } };
    const body = JSON.stringify({ edit: place.head, reason: "left" });
    const sent = fetch(`/api/documents/${this.ident}/revisions`, { ...init, body });
    departures.set(
      this.ident,
      sent.then(
        () => undefined,
        () => undefined,
      ),
    );
  }

  private step(which: "undo" | "redo"): Promise<void> {
    const turn = this.stepping.then(() => this.stepNow(which)).catch(tellProblem);
    this.stepping = turn;
    return this.whileAsking(() => turn);
  }

  private async stepNow(which: "undo" | "redo"): Promise<void> {
    await this.outbox.flush();
    const { place } = this.store.getState();
    if (!place?.[which]) return;
    const params = { path: { ident: this.ident } };
    const body = { branch: place.branch, based_on: place.head };
    this.take(await need(client.POST(`/api/documents/{ident}/${which}`, { params, body })));
  }

  private take({ document, studio, ...place }: State): void {
    this.studio = studio;
    this.store.setState({ document: document as T, place, saving: "saved", lost: null });
  }

  /** What became of a change. */
  private hear(told: Told): void {
    if (told.kind === "no room") {
      if (this.kept) tellProblem(new Error(NO_ROOM));
      this.kept = false;
    } else if (told.kind === "delayed") {
      const { saving } = this.store.getState();
      const next = !this.kept ? "held" : told.reason === null ? "waiting" : "delayed";
      if (told.reason !== null && next !== saving) tellProblem(new Error(told.reason));
      this.store.setState({ saving: next });
    } else {
      if (told.kind === "refused") tellProblem(new Error(`${told.reason} The change was set aside.`));
      this.settle(told.kind === "saved" ? told.saved : null, told.kind === "saved" ? told.id : null);
    }
  }

  /** After an answer: where the server stands now, read anew when the page cannot know. */
  private settle(saved: Saved | null, id: string | null): void {
    if (this.outbox.last) {
      if (saved && id) this.store.setState({ place: { ...saved, head: id }, saving: "saving" });
      return;
    }
    this.kept = true;
    if (saved?.head === id && saved) this.store.setState({ place: saved, saving: "saved" });
    else {
      if (saved) tell(OTHER_WAY);
      void this.load();
    }
  }
}
