import { wrap, type Remote } from "comlink";
import type { SimulateWorker } from "./simulate.worker";

/**
 * Two workers, as most machines that are carried have two cores to spare, each started at first use. What takes long and
 * cannot be given up in between works in the second, so that it never keeps an answer waiting. Both work on the range:
 * an engine that has done its members answers an edit faster.
 */
export type Purpose = "answer" | "derived";
const workers = new Map<Purpose, Remote<SimulateWorker>>();

/** Computes beside the page. */
export function workerFor(purpose: Purpose): Remote<SimulateWorker> {
  const known = workers.get(purpose);
  if (known) return known;
  const worker = wrap<SimulateWorker>(new Worker(new URL("./simulate.worker.ts", import.meta.url), { type: "module" }));
  workers.set(purpose, worker);
  return worker;
}
