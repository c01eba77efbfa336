/**
 * Edits on their way to the server. Each stays in the browser's own store until it is acknowledged, so that a
 * crash on either side loses nothing; sending one twice changes nothing, since it carries its own id.
 */
import { client, need, Refusal, Unreachable } from "../api/client";
import type { Edit, Saved } from "../api/types";

export interface Outgoing extends Edit {
  document: Edit["document"];
}

const RETRY_MS = 1500;

export function newToken(): string {
  return crypto.randomUUID().replaceAll("-", "");
}

export class Outbox {
  private queue: Outgoing[];
  private sending: Promise<void> | null = null;
  private readonly key: string;
  private readonly ident: string;
  private readonly told: (state: { saved?: Saved; waiting?: boolean; refused?: Error }) => void;

  constructor(ident: string, told: Outbox["told"]) {
    this.ident = ident;
    this.key = `fernring.outbox.${ident}`;
    this.told = told;
    this.queue = JSON.parse(localStorage.getItem(this.key) ?? "[]") as Outgoing[];
  }

  get last(): Outgoing | undefined {
    return this.queue.at(-1);
  }

  add(edit: Outgoing): void {
    this.keep([...this.queue, edit]);
    void this.flush();
  }

  /** Resolves when everything is acknowledged. */
  flush(): Promise<void> {
    this.sending ??= this.send().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  private async send(): Promise<void> {
    while (this.queue[0]) {
      try {
        const path = { params: { path: { ident: this.ident } }, body: this.queue[0] };
        const saved = await need(client.POST("/api/documents/{ident}/edits", path));
        this.keep(this.queue.slice(1).map((edit) => ({ ...edit, branch: saved.branch })));
        this.told({ saved, waiting: this.queue.length > 0 });
      } catch (cause) {
        if (cause instanceof Refusal && cause.code !== "store") {
          this.keep([]);
          this.told({ refused: cause });
          return;
        }
        this.told({ waiting: true, refused: cause instanceof Unreachable ? undefined : (cause as Error) });
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    }
  }

  private keep(queue: Outgoing[]): void {
    this.queue = queue;
    if (queue.length === 0) localStorage.removeItem(this.key);
    else localStorage.setItem(this.key, JSON.stringify(queue));
  }
}
