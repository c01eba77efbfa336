/**
 * Sends kept changes to the studio, the oldest first, from one tab at a time. Sending one twice changes nothing, since
 * it carries its own id. What the server cannot take now is tried again for as long as it takes; what it refuses is set
 * aside, and later changes go on.
 */
import { client, need, Refusal, Unreachable } from "../api/client";
import type { Studio } from "../api/types";
import { carryOver, note, strike } from "./bridge";
import type { Unsent } from "./database";
import { giveBack, lease } from "./lease";
import { listen, tellAll } from "./news";
import { keep, rebased, refused, sent, unsent } from "./records";

const FIRST_PAUSE_MS = 400;
const LONGEST_PAUSE_MS = 10_000;
const NOT_NOW = new Set([408, 425, 429]); // and every answer from 500 on

type Outcome = "sent" | "refused" | "not now" | "nobody there" | "other studio";

class Sender {
  private studio: Studio | null = null;
  /** Changes for which the browser had no room. */
  private memory: Unsent[] = [];
  private carried: Promise<void> = Promise.resolve();
  private keeping: Promise<unknown> = Promise.resolve();
  private running = false;
  private asked = false;
  private wake: () => void = () => undefined;

  constructor() {
    listen((news) => {
      if (news.kind === "kept") this.begin();
    });
    addEventListener("online", () => this.begin());
    addEventListener("pagehide", () => void giveBack().catch(() => undefined));
  }

  /** The studio served here: only changes made for it are sent. Resolves when what an earlier page left is known. */
  know(studio: Studio): Promise<void> {
    if (this.studio?.id === studio.id && this.studio.epoch === studio.epoch) return this.carried;
    this.studio = studio;
    this.carried = carryOver(studio)
      .catch(() => undefined) // no database: it stays where it is
      .then(() => this.begin());
    return this.carried;
  }

  /** Keep a change and send it. Answers whether the browser had room for it. */
  async add(record: Unsent): Promise<boolean> {
    const noted = note(record);
    const keeping = keep(record).then(
      () => true,
      () => false,
    );
    this.keeping = Promise.all([this.keeping, keeping]);
    const kept = await keeping;
    if (kept) strike(record);
    else this.memory.push(record);
    tellAll({ kind: "kept", id: record.edit.id });
    return kept || noted;
  }

  /** Whether this change still waits. */
  async waits(id: string): Promise<boolean> {
    return (await this.waiting()).some((record) => record.edit.id === id);
  }

  /** Everything that waits for this studio, the oldest first. */
  async waiting(): Promise<Unsent[]> {
    return (await this.everything()).filter(({ edit }) => edit.studio.id === this.studio?.id);
  }

  /** Everything that waits, for whichever studio it was made. */
  async everything(): Promise<Unsent[]> {
    await this.keeping;
    return [...(await unsent().catch(() => [])), ...this.memory];
  }

  private begin(): void {
    this.asked = true;
    this.wake();
    if (!this.running) void this.run();
  }

  private async run(): Promise<void> {
    this.running = true;
    let pause = FIRST_PAUSE_MS;
    while (this.asked) {
      this.asked = false;
      const state = await this.round();
      if (state === "done") continue;
      pause = state === "going on" ? FIRST_PAUSE_MS : Math.min(2 * pause, LONGEST_PAUSE_MS);
      if (state === "later" && !this.asked) await this.rest(pause * (0.75 + Math.random() / 2));
      this.asked = true;
    }
    this.running = false;
  }

  /** Send the oldest change of each document, and what follows it. */
  private async round(): Promise<"done" | "going on" | "later"> {
    const waiting = await this.waiting();
    if (waiting.length === 0 || !this.studio) {
      await giveBack().catch(() => undefined);
      return "done";
    }
    let state: "going on" | "later" = "later";
    for (const ident of new Set(waiting.map((record) => record.ident))) {
      const mine = await lease().catch(() => true); // no database: this tab sends what it has
      for (const record of waiting.filter((one) => one.ident === ident)) {
        if (!mine && !this.memory.includes(record)) break;
        const outcome = await this.send(record);
        if (outcome === "nobody there") return "later";
        if (outcome === "other studio") return "done";
        if (outcome === "not now") break;
        state = "going on";
        if (outcome === "refused") break; // those made on it have changed
        await lease().catch(() => true);
      }
    }
    return state;
  }

  private async send(record: Unsent): Promise<Outcome> {
    const { ident, edit } = record;
    try {
      const path = { params: { path: { ident } }, body: edit };
      const saved = await need(client.POST("/api/documents/{ident}/edits", path));
      await this.drop(record);
      tellAll({ kind: "saved", id: edit.id, saved });
      return "sent";
    } catch (cause) {
      if (!(cause instanceof Refusal)) {
        tellAll({ kind: "delayed", id: edit.id, reason: cause instanceof Unreachable ? null : String(cause) });
        return "nobody there";
      }
      if (cause.status >= 500 || NOT_NOW.has(cause.status) || cause.code === "other studio") {
        tellAll({ kind: "delayed", id: edit.id, reason: cause.message });
        return cause.code === "other studio" ? "other studio" : "not now";
      }
      await refused(record, cause.message).then(
        () => strike(record),
        () => undefined, // no database: the notice tells of it
      );
      this.memory = this.memory.filter((one) => one !== record).map((one) => rebased(one, edit));
      tellAll({ kind: "refused", id: edit.id, reason: cause.message });
      return "refused";
    }
  }

  private async drop(record: Unsent): Promise<void> {
    this.memory = this.memory.filter((one) => one !== record);
    strike(record);
    await sent(record.edit.id).catch(() => undefined); // still there, it is sent again, which changes nothing
  }

  /** Wait, but not longer than until something new is kept. */
  private rest(ms: number): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, ms);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }
}

export const sender = new Sender();
