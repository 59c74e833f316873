import { availableParallelism } from "node:os";
import pLimit from "p-limit";
import { Piscina } from "piscina";
import type { OutingView } from "@/formats/wire/outing-view";
import { log } from "../log";
import type { Judgement } from "./judge";

/** The whole of an outing with its range takes about half a second; one that takes this long is given up. */
const LONGEST_MS = 30_000;
/** A thread that has had nothing to do so long ends. */
const IDLE_MS = 60_000;
const THREADS = Math.max(1, availableParallelism() - 1); // one processor stays with the requests

let threads: Piscina<OutingView, Judgement> | null = null;

function pool(): Piscina<OutingView, Judgement> {
  const filename = process.env.UMIAK_SIMULATION_WORKER;
  if (!filename) throw new Error("UMIAK_SIMULATION_WORKER is not set: run ./umiak start, or npm run dev");
  threads ??= new Piscina({ filename, minThreads: 0, maxThreads: THREADS, idleTimeout: IDLE_MS });
  return threads;
}

/** Jobs wait here and not in the pool, whose time limit would count the waiting too. */
const inTurn = pLimit(THREADS);

/** Judges a view in a thread, when its turn comes. One that takes too long counts as beyond what can be computed. */
export const judgeInThread = (view: OutingView): Promise<Judgement> =>
  inTurn(async () => {
    const signal = AbortSignal.timeout(LONGEST_MS);
    try {
      return await pool().run(view, { signal });
    } catch (error) {
      if (!signal.aborted) throw error;
      log.warn({ outing: view.id }, `an outing took more than ${LONGEST_MS / 1000} s to simulate and was given up`);
      return null;
    }
  });
