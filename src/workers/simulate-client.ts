import { wrap, type Remote } from "comlink";
import type { SimulateWorker } from "./simulate.worker";

/** One worker a purpose, started at first use: what takes long never keeps an answer waiting. */
export type Purpose = "answer" | "range" | "changes";
const workers = new Map<Purpose, Remote<SimulateWorker>>();

/** Computes beside the page. */
export function workerFor(purpose: Purpose): Remote<SimulateWorker> {
  const known = workers.get(purpose);
  if (known) return known;
  const worker = wrap<SimulateWorker>(new Worker(new URL("./simulate.worker.ts", import.meta.url), { type: "module" }));
  workers.set(purpose, worker);
  return worker;
}
