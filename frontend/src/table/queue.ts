/**
 * What was told at the table and is not acknowledged yet: written in this browser at once, under a key of its own, so
 * that a page that is closed or a network that drops loses nothing. Telling an event twice tells it once.
 */
import type { Studio, ToldEvent } from "../api/types";

export interface Waiting {
  studio: Studio;
  event: ToldEvent;
  /** When it happened: by a clock that nobody sets, which counts in this page alone, and by the device's (ms). */
  made: number;
  at: number;
  order: number;
}

const MOST_AGO_S = 5_184_000;
const page = performance.timeOrigin;

const keep = (prefix: string) => (entry: Waiting) => {
  try {
    localStorage.setItem(prefix + entry.event.id, JSON.stringify({ ...entry, page }));
  } catch {
    // no room: this page alone has it, and sends it
  }
};

export class Queue {
  private waiting: Waiting[] = [];
  private readonly prefix: string;

  constructor(piece: string) {
    this.prefix = `fernring.told.${piece}.`;
    this.recall();
  }

  get all(): readonly Waiting[] {
    return this.waiting;
  }

  add(studio: Studio, event: ToldEvent): void {
    const last = this.waiting.at(-1)?.order ?? 0;
    const entry = { studio, event, made: performance.now(), at: Date.now(), order: Math.max(Date.now(), last + 1) };
    this.waiting.push(entry);
    keep(this.prefix)(entry);
  }

  /** These are the server's now, or were refused. */
  drop(ids: ReadonlySet<string>): void {
    this.waiting = this.waiting.filter(({ event }) => !ids.has(event.id));
    for (const id of ids) localStorage.removeItem(this.prefix + id);
  }

  /** What was marked before the studio was restored, for the studio as it is now: after all that waits for it. */
  adopt(studio: Studio): void {
    let order = Math.max(Date.now(), ...this.waiting.map((one) => one.order));
    this.waiting = this.waiting
      .map((one) => (this.isAside(one, studio) ? { ...one, studio, order: ++order } : one))
      .sort((one, other) => one.order - other.order);
    this.waiting.forEach(keep(this.prefix));
  }

  /** Whether it was marked in this studio as it was before a copy was brought back. */
  isAside(one: Waiting, studio: Studio): boolean {
    return one.studio.id === studio.id && one.studio.epoch !== studio.epoch;
  }

  /** As it is sent: with how long ago it happened. */
  static sent({ event, made, at }: Waiting): ToldEvent {
    const seconds = Number.isNaN(made) ? (Date.now() - at) / 1000 : (performance.now() - made) / 1000;
    return { ...event, ago: Math.min(Math.max(seconds, 0), MOST_AGO_S) };
  }

  /** What an earlier page left. */
  private recall(): void {
    const keys = Object.keys(localStorage).filter((key) => key.startsWith(this.prefix));
    const found = keys.map((key) => JSON.parse(localStorage.getItem(key)!) as Waiting & { page: number });
    this.waiting = found
      .map((entry) => (entry.page === page ? entry : { ...entry, made: Number.NaN }))
      .sort((one, other) => one.order - other.order);
  }
}
