/** Pictures are asked for a few at a time, so that they never hold up what the person does meanwhile. */
const AT_ONCE = 2; // as many as calculate at the same time

const waiting: (() => void)[] = [];
let running = 0;

export async function inTurn<T>(signal: AbortSignal, ask: () => Promise<T>): Promise<T> {
  if (running >= AT_ONCE) await new Promise<void>((go) => waiting.push(go));
  running += 1;
  try {
    signal.throwIfAborted();
    return await ask();
  } finally {
    running -= 1;
    waiting.shift()?.();
  }
}
