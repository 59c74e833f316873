import { wrap, type Remote } from "comlink";
import type { Outing } from "@/core/outing";
import type { SimulateWorker } from "./simulate.worker";
import type { SimulationAnswer } from "./simulation-answer";

let worker: Remote<SimulateWorker> | null = null;

/** The one worker of this page, started at first use. */
function simulateWorker(): Remote<SimulateWorker> {
  worker ??= wrap<SimulateWorker>(new Worker(new URL("./simulate.worker.ts", import.meta.url), { type: "module" }));
  return worker;
}

/** Simulates an outing beside the page. */
export const simulateInWorker = (outing: Outing): Promise<SimulationAnswer> => simulateWorker().simulate(outing);
