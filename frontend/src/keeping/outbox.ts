/** The unsent changes of one open document, as its page sees them. */
import type { Edit, Saved, Studio } from "../api/types";
import type { Unsent } from "./database";
import { listen, type News } from "./news";
import { sender } from "./sender";

const LOOK_MS = 3000;

/** What became of a change of this document. `saved` is null when another tab sent it and its word was not heard. */
export type Told =
  | { kind: "saved"; id: string; saved: Saved | null }
  | { kind: "refused" | "delayed"; reason: string | null }
  | { kind: "no room" };

export class Outbox {
  private pending: Edit[] = [];
  private readonly ident: string;
  private readonly told: (told: Told) => void;
  private emptied: (() => void)[] = [];
  private stop: () => void = () => undefined;

  constructor(ident: string, told: (told: Told) => void) {
    this.ident = ident;
    this.told = told;
  }

  get last(): Edit | undefined {
    return this.pending.at(-1);
  }

  /** Ids of the changes of this document that wait, whichever page made them. */
  async waiting(): Promise<Set<string>> {
    return new Set((await this.own()).map(({ edit }) => edit.id));
  }

  /** Takes over what an earlier page left unsent. Answers the newest change that waits, and the ids of all that do. */
  async recall(studio: Studio): Promise<{ newest: Edit | undefined; waiting: Set<string> }> {
    await sender.know(studio);
    const own = await this.own(); // from here on nothing is awaited: what waits now is heard of when it is sent
    const known = new Set(this.pending.map((edit) => edit.id));
    const left = own.filter(({ edit }) => edit.studio.id === studio.id && !known.has(edit.id));
    this.pending = [...left.map(({ edit }) => edit), ...this.pending];
    this.watch();
    return { newest: this.last, waiting: new Set(own.map(({ edit }) => edit.id)) };
  }

  private async own(): Promise<Unsent[]> {
    return (await sender.everything()).filter(({ ident }) => ident === this.ident);
  }

  add(edit: Edit, studio: Studio): void {
    this.pending.push(edit);
    this.watch();
    void sender.add({ ident: this.ident, edit: { ...edit, studio } }).then((kept) => {
      if (!kept) this.told({ kind: "no room" });
    });
  }

  /** Resolves when everything of this document is acknowledged or set aside. */
  flush(): Promise<void> {
    if (this.pending.length === 0) return Promise.resolve();
    return new Promise((resolve) => this.emptied.push(resolve));
  }

  /** Listen for as long as something is pending. Another tab may have been the one to send it, unheard: so look, too. */
  private watch(): void {
    this.stop();
    if (this.pending.length === 0) return;
    const deaf = listen((news) => this.hear(news));
    const timer = setInterval(() => void this.look(), LOOK_MS);
    this.stop = () => {
      deaf();
      clearInterval(timer);
    };
  }

  private async look(): Promise<void> {
    const first = this.pending[0];
    if (first && !(await sender.waits(first.id)) && this.pending[0] === first) this.leave(first.id, null);
  }

  private hear(news: News): void {
    const nobodyThere = news.kind === "delayed" && news.reason === null; // that holds for all
    if (!nobodyThere && !this.pending.some((edit) => edit.id === news.id)) return;
    if (news.kind === "saved") this.leave(news.id, news.saved);
    if (news.kind === "delayed") this.told({ kind: "delayed", reason: news.reason });
    if (news.kind === "refused") {
      this.pending = this.pending.filter((edit) => edit.id !== news.id);
      this.told({ kind: "refused", reason: news.reason });
      this.settle();
    }
  }

  private leave(id: string, saved: Saved | null): void {
    this.pending = this.pending.filter((edit) => edit.id !== id);
    this.told({ kind: "saved", id, saved });
    this.settle();
  }

  private settle(): void {
    if (this.pending.length > 0) return;
    this.stop();
    for (const resolve of this.emptied.splice(0)) resolve();
  }
}
