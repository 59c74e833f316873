import { wrap, type Remote } from "comlink";
import type { DresserWorker } from "./dresser.worker";

let worker: Remote<DresserWorker> | null = null;

/** Dresses beside the page; started at first use. */
export const dresserWorker = (): Remote<DresserWorker> =>
  (worker ??= wrap<DresserWorker>(new Worker(new URL("./dresser.worker.ts", import.meta.url), { type: "module" })));
