import * as m from "@/messages";
import { availableParallelism } from "node:os";
import pLimit from "p-limit";
import { Piscina } from "piscina";
import type { StarterKitKey } from "@/core/starter-kit";
import type { Learnt } from "@/core/outing";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import type { ToldSitFile } from "@/formats/wire/logbook/logbook-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../app-error";
import { log } from "../log";
import type { Judgement } from "./judge";
import type { RestoreEnd, RestoreJob } from "./restore";

/** The whole of an outing with its range takes about half a second; one that takes this long is given up. */
const LONGEST_JUDGING_MS = 30_000;
/** A thread that has had nothing to do so long ends. */
const IDLE_MS = 60_000;
/** Memory of a thread, MB: the largest backup takes about half of it; a file made to take more ends its thread and nothing else. */
const MOST_MEMORY_MB = 1500;
const JUDGING_THREADS = Math.max(1, availableParallelism() - 1); // one processor stays with the requests
const RESTORING_THREADS = 1;
const LEARNING_THREADS = 1;

let threads: Piscina | null = null;

function pool(): Piscina {
  const named = process.env.UMIAK_THREADS;
  if (!named) throw new Error("UMIAK_THREADS is not set: run ./umiak start, or npm run dev");
  const filename = named.replace("{language}", m.language);
  threads ??= new Piscina({
    filename,
    minThreads: 0,
    maxThreads: JUDGING_THREADS + RESTORING_THREADS + LEARNING_THREADS,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  });
  return threads;
}

/** Jobs wait here and not in the pool, whose time limit would count the waiting too. */
const judging = pLimit(JUDGING_THREADS);
const restoring = pLimit(RESTORING_THREADS);
const learning = pLimit(LEARNING_THREADS);

/** Judges a view in a thread, when its turn comes. One that takes too long counts as beyond what can be computed. */
export const judgeInThread = (view: OutingView): Promise<Judgement> =>
  judging(async () => {
    const signal = AbortSignal.timeout(LONGEST_JUDGING_MS);
    try {
      return (await pool().run(view, { name: "judge", signal })) as Judgement;
    } catch (error) {
      if (!signal.aborted) throw error;
      // eslint-disable-next-line no-restricted-syntax -- for who runs the server
      log.warn({ outing: view.id }, `an outing took more than ${LONGEST_JUDGING_MS / 1000} s and was given up`);
      return null;
    }
  });

/** The same of a past sit as it was. */
export const judgeFileInThread = (file: OutingFile): Promise<Judgement> =>
  judging(async () => (await pool().run(file, { name: "judgeFile" })) as Judgement);

/** Chooses a generic kit in a thread, when its turn comes. */
export const chooseKitInThread = (view: OutingView): Promise<StarterKitKey | null> =>
  judging(async () => (await pool().run(view, { name: "chooseKit" })) as StarterKitKey | null);

/** Learns from notes in a thread, when its turn comes: seconds where there are many. */
export const learnInThread = (told: readonly ToldSitFile[]): Promise<Learnt | null> =>
  learning(async () => (await pool().run(told, { name: "learn" })) as Learnt | null);

const isOutOfMemory = (error: unknown): boolean =>
  error instanceof Error && "code" in error && error.code === "ERR_WORKER_OUT_OF_MEMORY";

/** Restores a file in a thread. @throws {AppError} `body-too-large` where it takes more memory than there is for it */
export const restoreInThread = (job: RestoreJob): Promise<RestoreEnd> =>
  restoring(async () => {
    try {
      return (await pool().run(job, { name: "restore" })) as RestoreEnd;
    } catch (error) {
      if (!isOutOfMemory(error)) throw error;
      throw new AppError("body-too-large", m.thisFileTakesMoreMemoryThan);
    }
  });
