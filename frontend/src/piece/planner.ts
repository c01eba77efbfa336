/** Plans for a document that keeps changing: one request at a time, always for the newest; older answers are dropped. */
import { client, need } from "../api/client";
import type { Piece, Plan } from "../api/types";
import { newToken } from "../keeping/token";

type Told = (plan: Plan, of: Piece) => void;

export class Planner {
  private wanted: Piece | null = null;
  private running: AbortController | null = null;
  /** By which the server knows that a newer request takes the place of an older one. */
  private readonly headers = { "fern-asker": newToken() };
  private readonly told: Told;
  private readonly failed: (cause: Error) => void;

  constructor(told: Told, failed: (cause: Error) => void) {
    this.told = told;
    this.failed = failed;
  }

  /** Ask for the plan of this piece. A finished edit cancels what is under way; a moving one lets it arrive first. */
  want(piece: Piece, moving: boolean): void {
    this.wanted = piece;
    if (!moving) this.running?.abort();
    if (!this.running) void this.run();
  }

  private async run(): Promise<void> {
    while (this.wanted) {
      const piece = this.wanted;
      this.wanted = null;
      this.running = new AbortController();
      try {
        const { signal } = this.running;
        const { headers } = this;
        this.told((await need(client.POST("/api/plan", { body: piece, signal, headers }))) as Plan, piece);
      } catch (cause) {
        if (!(cause instanceof DOMException) && !this.wanted) this.failed(cause as Error);
      }
    }
    this.running = null;
  }
}
