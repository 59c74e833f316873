import { wrap, type Remote } from "comlink";
import { beginWork, doneShare, type WorkInput, type WorkName, type WorkResult } from "@/core/wardrobe";
import type { WorksWorker } from "./works.worker";

/** As many compute beside each other, at most. */
const MOST_WORKERS = 4;

let workers: readonly Remote<WorksWorker>[] = [];

function startWorkers(): readonly Remote<WorksWorker>[] {
  if (workers.length === 0) {
    const count = Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency));
    workers = Array.from({ length: count }, () =>
      wrap<WorksWorker>(new Worker(new URL("./works.worker.ts", import.meta.url), { type: "module" })),
    );
  }
  return workers;
}

/**
 * Does a computation in workers beside the page; one at a time.
 * @param onProgress told after every part how much is done, 0 … 1; @returns whether to go on
 * @returns `null` when it was given up
 * @throws {Error} with a message to show
 */
export async function workBeside<Name extends WorkName>(
  name: Name,
  input: WorkInput<Name>,
  onProgress: (doneShare: number) => boolean,
): Promise<WorkResult<Name> | null> {
  const pool = startWorkers();
  await Promise.all(pool.map((worker) => worker.take(name, input)));
  const work = beginWork(name, input);
  let step = work.next();
  for (let stage = 0; !step.done; stage++) {
    const chunks = step.value;
    const answers: unknown[] = [];
    let [next, done, isOn] = [0, 0, true];
    const tell = (): boolean => (isOn = onProgress(doneShare(name, stage, done, chunks.length)) && isOn);
    tell();
    await Promise.all(
      pool.map(async (worker) => {
        while (next < chunks.length && isOn) {
          const place = next++;
          const reply = await worker.answer(chunks[place]!);
          if (!reply.ok) throw new Error(reply.message);
          answers[place] = reply.answer;
          done++;
          tell();
        }
      }),
    );
    if (!isOn) return null;
    step = work.next(answers);
  }
  return step.value;
}
