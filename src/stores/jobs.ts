import type { JobAsked, JobView } from "@/formats/wire/jobs/job-schema";
import { ask } from "./ask";

/** How often it is asked how far a computation is. */
const ASK_EVERY_MS = 1000;
/** A worker that runs has looked at a new part within a second: after so long there is none. */
const BEGUN_WITHIN_MS = 6000;

export type AtServer =
  | { readonly kind: "done"; readonly result: unknown }
  /** It was given up. */
  | { readonly kind: "left" }
  /** Nobody computes there: the page has to do it. */
  | { readonly kind: "nobody" };

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, ASK_EVERY_MS));

/**
 * Has the server's workers do a long computation; one that was done before is answered at once.
 * @param onProgress told how much is done, 0 … 1; @returns whether to go on
 * @throws {Error} with a message to show, where it cannot be computed
 */
export async function askWorkers(asked: JobAsked, onProgress: (doneShare: number) => boolean): Promise<AtServer> {
  let job: JobView;
  try {
    job = await ask<JobView>("/api/jobs", "POST", asked);
  } catch {
    return { kind: "nobody" }; // no server, or one without a queue: what cannot be computed is said where it is
  }
  const since = Date.now();
  for (;;) {
    if (job.state === "done") return { kind: "done", result: job.result };
    if (job.state === "failed") throw new Error(job.message ?? "");
    if (job.state === "cancelled") return { kind: "nobody" };
    if (!job.isBegun && Date.now() - since > BEGUN_WITHIN_MS) {
      await leave(job.id);
      return { kind: "nobody" };
    }
    if (!onProgress(job.doneShare)) {
      await leave(job.id);
      return { kind: "left" };
    }
    await pause();
    job = await ask<JobView>(`/api/jobs/${job.id}`, "GET");
  }
}

const leave = (id: string): Promise<unknown> => ask(`/api/jobs/${id}`, "DELETE").catch(() => undefined);
