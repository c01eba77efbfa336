/** The logbook of a piece as its page sees it: what the server has, and over it what was told and is on its way. */
import { createStore } from "zustand";
import { client, need, Refusal } from "../api/client";
import type { Book, Told, ToldEvent } from "../api/types";
import { newToken } from "../keeping/token";
import { onNews } from "../studio/news";
import { tellProblem } from "../studio/notice";
import { Queue, type Waiting } from "./queue";
import { told } from "./told";

const FIRST_PAUSE_MS = 300;
const LONGEST_PAUSE_MS = 5000;
const MOST_AT_ONCE = 200;
const PAGE = "fernring.page";
const RESTORED = "earlier epoch";

interface Seen {
  /** What is shown: the server's book with everything that waits; null until it was read. */
  book: Book | null;
  /** By how much the server's clock is ahead of this page's (s). */
  ahead: number;
  waiting: number;
  /** How much was marked before the studio was restored from a copy, and is kept here until the artist decides. */
  aside: number;
  /** Whether the server answered last time. */
  away: boolean;
  lost: string | null;
}

export class TableBook {
  readonly store = createStore<Seen>(() => ({ book: null, ahead: 0, waiting: 0, aside: 0, away: false, lost: null }));
  readonly page = ownPage();
  private readonly piece: string;
  private readonly queue: Queue;
  private server: Book | null = null;
  private sending = false;
  private pause = FIRST_PAUSE_MS;
  private timer = 0;
  private stopped = false;

  constructor(piece: string) {
    this.piece = piece;
    this.queue = new Queue(piece);
  }

  /** Read the book and follow it; answers how to stop. */
  open(): () => void {
    this.stopped = false;
    const deaf = onNews((news) => {
      if (news && (news.piece !== this.piece || news.part !== "logbook")) return;
      this.pause = FIRST_PAUSE_MS;
      void this.send().then(() => this.read());
    });
    void this.read();
    return () => {
      this.stopped = true;
      deaf();
      window.clearTimeout(this.timer);
    };
  }

  /** Something was done: shown at once, kept in this browser, and told to the server. */
  tell(...what: Told[]): void {
    if (!this.server) return;
    for (const one of what) {
      const event: ToldEvent = { id: newToken(), page: this.page, what: one, ago: 0 };
      this.queue.add(this.server.studio, event);
    }
    this.show();
    void this.send();
  }

  /** What was set aside is told to the studio as it is now, by this page. */
  addAside(): void {
    const studio = this.server?.studio;
    if (!studio) return;
    this.queue.add(studio, { id: newToken(), page: this.page, what: { kind: "lead", name: "" }, ago: 0 });
    this.queue.adopt(studio);
    this.show();
    void this.send();
  }

  leaveAsideOut(): void {
    this.queue.drop(new Set(this.setAside.map(({ event }) => event.id)));
    this.show();
  }

  async read(): Promise<void> {
    if (this.sending) return;
    try {
      this.take(await this.asked());
      if (this.queue.all.length > 0) void this.send();
    } catch (cause) {
      if (cause instanceof Refusal) this.store.setState({ lost: cause.message });
      else this.later();
    }
  }

  /** Everything that waits, the oldest first. */
  private async send(): Promise<void> {
    if (this.sending || this.stopped) return;
    this.sending = true;
    try {
      while (this.own.length > 0) await this.sendSome(this.own.slice(0, MOST_AT_ONCE));
      this.pause = FIRST_PAUSE_MS;
    } catch {
      this.later();
    }
    this.sending = false;
  }

  private asked(): Promise<Book> {
    return need(client.GET("/api/documents/{ident}/logbook", { params: { path: { ident: this.piece } } }));
  }

  private get own(): Waiting[] {
    const here = this.server?.studio;
    return this.queue.all.filter(({ studio }) => studio.id === here?.id && studio.epoch === here.epoch);
  }

  private get setAside(): Waiting[] {
    const here = this.server?.studio;
    return here ? this.queue.all.filter((one) => this.queue.isAside(one, here)) : [];
  }

  private async sendSome(some: readonly Waiting[]): Promise<void> {
    const [first] = some;
    const params = { path: { ident: this.piece } };
    const body = { studio: first!.studio, events: some.map(Queue.sent) };
    try {
      const book = await need(client.POST("/api/documents/{ident}/logbook", { params, body }));
      this.queue.drop(new Set(some.map(({ event }) => event.id)));
      this.take(book);
    } catch (cause) {
      const refused = cause instanceof Refusal && cause.status < 500 && ![408, 425, 429].includes(cause.status);
      if (!refused) throw cause;
      if (cause.code === RESTORED) {
        this.take(await this.asked()); // it waits for the artist now
        return;
      }
      if (some.length > 1) {
        for (const one of some) await this.sendSome([one]); // the others are none the worse for it
      } else {
        this.queue.drop(new Set([first!.event.id]));
        this.show();
        tellProblem(cause);
      }
    }
  }

  /** The server does not answer: later again. */
  private later(): void {
    this.store.setState({ away: true });
    window.clearTimeout(this.timer);
    if (this.stopped) return;
    this.timer = window.setTimeout(() => void this.send().then(() => this.read()), this.pause);
    this.pause = Math.min(2 * this.pause, LONGEST_PAUSE_MS);
  }

  private take(book: Book): void {
    this.server = book;
    this.store.setState({ ahead: book.now - performance.now() / 1000, away: false, lost: null });
    this.show();
  }

  private show(): void {
    if (!this.server) return;
    const { ahead } = this.store.getState();
    const own = this.own;
    const book = own.reduce((seen, { event, made }) => told(seen, event, made / 1000 + ahead), this.server);
    this.store.setState({ book, waiting: own.length, aside: this.setAside.length });
  }
}

/** Seconds since 1970 by the server's clock, whatever this device's says. */
export function nowThere(ahead: number): number {
  return performance.now() / 1000 + ahead;
}

/** This tab, across reloads. */
function ownPage(): string {
  const known = sessionStorage.getItem(PAGE);
  if (known) return known;
  const made = newToken();
  sessionStorage.setItem(PAGE, made);
  return made;
}
