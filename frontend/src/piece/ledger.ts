/** One document with its ledger, as the page holds it: edits go out at once, undo and redo come from the server. */
import { createStore, type StoreApi } from "zustand";
import { client, need } from "../api/client";
import type { Saved, State, StudioDocument } from "../api/types";
import { tellProblem } from "../studio/notice";
import { newToken, Outbox } from "./outbox";

export type Saving = "saved" | "saving" | "waiting";

export interface LedgerState<T extends StudioDocument> {
  document: T | null;
  /** Where the server stands, for branches and the names of undo and redo. */
  place: Saved | null;
  saving: Saving;
  /** Changes that the server is being asked about before they become edits. */
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

  constructor(ident: string) {
    this.ident = ident;
    this.store = createStore(() => ({ document: null, place: null, saving: "saved", asking: 0, lost: null }));
    this.outbox = new Outbox(ident, ({ saved, waiting, refused }) => {
      if (saved) this.store.setState({ place: saved });
      if (refused) tellProblem(refused);
      if (refused && !waiting) void this.load();
      this.store.setState({ saving: waiting && !saved ? "waiting" : waiting ? "saving" : "saved" });
    });
  }

  async load(): Promise<void> {
    try {
      const path = { params: { path: { ident: this.ident } } };
      const state = await need(client.GET("/api/documents/{ident}", path));
      this.take(state);
      const unsent = this.outbox.last;
      if (unsent) {
        this.store.setState({ document: unsent.document as T, saving: "saving" });
        void this.outbox.flush();
      }
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
    const { place } = this.store.getState();
    if (!place) return;
    const basedOn = this.outbox.last?.id ?? place.head;
    this.store.setState({ document, saving: "saving", place: { ...place, undo: label, redo: null } });
    this.outbox.add({ id: newToken(), branch: place.branch, based_on: basedOn, label, mark, document });
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

  /** Cut a revision of what the server has. */
  /** The number of the revision that was cut. */
  async revise(reason: "printed" | "idle" | "asked" | "brought back"): Promise<number | null> {
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
    this.stepping = this.stepping.then(() => this.stepNow(which)).catch(tellProblem);
    return this.stepping;
  }

  private async stepNow(which: "undo" | "redo"): Promise<void> {
    await this.outbox.flush();
    const { place } = this.store.getState();
    if (!place?.[which]) return;
    const params = { path: { ident: this.ident } };
    const body = { branch: place.branch, based_on: place.head };
    this.take(await need(client.POST(`/api/documents/{ident}/${which}`, { params, body })));
  }

  private take({ document, ...place }: State): void {
    this.store.setState({ document: document as T, place, saving: "saved", lost: null });
  }
}
