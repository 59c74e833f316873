import { wrap, type Remote } from "comlink";
import { beginWork, type WorkInput, type WorkName, type WorkResult } from "@/core/wardrobe";
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

/** How far a computation is: parts done of those asked for so far; later ones depend on what is found. */
export type WorkProgress = { readonly done: number; readonly asked: number };

/**
 * Does a computation in workers beside the page; one at a time.
 * @param onProgress told after every part; @returns whether to go on
 * @returns `null` when it was given up
 * @throws {Error} with a message to show
 */
export async function workBeside<Name extends WorkName>(
  name: Name,
  input: WorkInput<Name>,
  onProgress: (progress: WorkProgress) => boolean,
): Promise<WorkResult<Name> | null> {
  const pool = startWorkers();
  await Promise.all(pool.map((worker) => worker.take(name, input)));
  const work = beginWork(name, input);
  let [done, asked] = [0, 0];
  for (let step = work.next(); ;) {
    if (step.done) return step.value;
    const chunks = step.value;
    asked += chunks.length;
    const answers: unknown[] = [];
    let next = 0;
    let isOn = onProgress({ done, asked });
    await Promise.all(
      pool.map(async (worker) => {
        while (next < chunks.length && isOn) {
          const place = next++;
          const reply = await worker.answer(chunks[place]!);
          if (!reply.ok) throw new Error(reply.message);
          answers[place] = reply.answer;
          isOn = onProgress({ done: ++done, asked }) && isOn;
        }
      }),
    );
    if (!isOn) return null;
    step = work.next(answers);
  }
}
