import type { Steps } from "@/core/numeric";

/** Long enough that pausing costs little, short enough that an answer waits for one step of what is given up. */
const PAUSE_EVERY_MS = 2;
const turns = new MessageChannel();
/** Lets what has arrived be heard. A message to oneself, because browsers hold repeated timers back by 4 ms each. */
const nextTurn = (): Promise<void> =>
  new Promise((resolve) => {
    turns.port1.onmessage = () => resolve();
    turns.port2.postMessage(null);
  });

/** Runs steps, hearing in between whether they are still wanted; `null` when they are not. @throws what the steps throw */
export async function patiently<Answer>(steps: Steps<Answer>, isGivenUp: () => boolean): Promise<Answer | null> {
  let since = performance.now();
  for (;;) {
    const step = steps.next();
    if (isGivenUp()) return null;
    if (step.done) return step.value;
    if (performance.now() - since < PAUSE_EVERY_MS) continue;
    await nextTurn();
    since = performance.now();
  }
}
