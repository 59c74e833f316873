import { wrap, type Remote } from "comlink";
import type { ReachWorker } from "./reach.worker";

/** As many compute a map beside each other, at most. */
const MOST_WORKERS = 4;

let workers: readonly Remote<ReachWorker>[] = [];

/** Those that compute maps beside the page; started at first use. */
export function reachWorkers(): readonly Remote<ReachWorker>[] {
  if (workers.length === 0) {
    const count = Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency));
    workers = Array.from({ length: count }, () =>
      wrap<ReachWorker>(new Worker(new URL("./reach.worker.ts", import.meta.url), { type: "module" })),
    );
  }
  return workers;
}
