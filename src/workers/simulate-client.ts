import { wrap, type Remote } from "comlink";
import type { Outing } from "@/core/outing";
import type { MinutesRange } from "@/core/range";
import type { SimulateWorker } from "./simulate.worker";
import type { SimulationAnswer } from "./simulation-answer";

type Purpose = "answer" | "range";
const workers = new Map<Purpose, Remote<SimulateWorker>>();

/** One worker a purpose, started at first use: the slow range never keeps an answer waiting. */
function workerFor(purpose: Purpose): Remote<SimulateWorker> {
  const known = workers.get(purpose);
  if (known) return known;
  const worker = wrap<SimulateWorker>(new Worker(new URL("./simulate.worker.ts", import.meta.url), { type: "module" }));
  workers.set(purpose, worker);
  return worker;
}

/** Simulates an outing beside the page. */
export const simulateInWorker = (outing: Outing): Promise<SimulationAnswer> => workerFor("answer").simulate(outing);

/** Works out the range of a sit beside the page. */
export const rangeInWorker = (outing: Outing, sit: number): Promise<MinutesRange | null> =>
  workerFor("range").range(outing, sit);
