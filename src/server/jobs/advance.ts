import { beginWork, answerChunk, type WorkChunk, type WorkInput, type WorkName } from "@/core/wardrobe";
import { CoreError } from "@/core/errors";
import {
  beginJob,
  changeJob,
  countParts,
  forgetParts,
  hasPart,
  inTransaction,
  keepPart,
  lockJob,
  readAnswers,
  readJob,
  type Database,
  type JobRow,
} from "@/db";
import type { PartQueue, QueuedPart } from "./queue";

type Sender = Pick<PartQueue, "send">;

/** What a computation asks for next, taken up from the answers there are; or what it comes to. */
function goneOn(
  { work, input }: Pick<JobRow, "work" | "input">,
  rounds: readonly (readonly unknown[])[],
): { readonly chunks: readonly unknown[] } | { readonly result: unknown } {
  const steps = beginWork(work as WorkName, input as WorkInput<WorkName>);
  let step = steps.next();
  // A round that asks for nothing is over; it is none of those that were answered.
  const nextAsking = (): void => {
    while (!step.done && step.value.length === 0) step = steps.next([]);
  };
  nextAsking();
  for (const answers of rounds) {
    if (step.done) break;
    step = steps.next(answers);
    nextAsking();
  }
  return step.done ? { result: step.value } : { chunks: step.value };
}

/**
 * Goes on with a computation if all parts of its round are answered: asks for those of the next, or keeps what it comes to.
 * Whoever answered the last part calls it; called twice it does nothing the second time. Parts are sent before the round is
 * committed: killed in between, they are sent once more, and what is answered already is not computed again.
 */
export async function advance(database: Database, queue: Sender, ownerId: string, jobId: string): Promise<void> {
  await inTransaction(database, async (transaction) => {
    const row = await lockJob(transaction, ownerId, jobId);
    if (row?.state !== "waiting") return;
    const isBegun = row.asked > 0;
    if (isBegun && (await countParts(transaction, ownerId, jobId, row.stage)) < row.asked) return;
    const answered = isBegun ? row.stage + 1 : 0;
    const next = goneOn(row, (await readAnswers(transaction, ownerId, jobId)).slice(0, answered));
    if ("result" in next) {
      await changeJob(transaction, ownerId, jobId, { state: "done", result: next.result });
      await forgetParts(transaction, ownerId, jobId);
      return;
    }
    await changeJob(transaction, ownerId, jobId, { stage: answered, asked: next.chunks.length });
    await queue.send(next.chunks.map((chunk, place) => ({ ownerId, jobId, stage: answered, place, chunk })));
  });
}

/** Answers a part, unless it is answered already or nobody waits any more, and goes on with its computation. */
export async function answerPart(database: Database, queue: Sender, part: QueuedPart): Promise<void> {
  const { ownerId, jobId, stage, place, chunk } = part;
  const row = await readJob(database, ownerId, jobId);
  if (row?.state !== "waiting") return;
  await beginJob(database, ownerId, jobId);
  if (!(await hasPart(database, ownerId, jobId, part))) {
    try {
      const answer = answerChunk(row.work as WorkName, row.input as WorkInput<WorkName>, chunk as WorkChunk<WorkName>);
      await keepPart(database, { ownerId, jobId, stage, place, answer });
    } catch (error) {
      if (!(error instanceof CoreError)) throw error;
      return changeJob(database, ownerId, jobId, { state: "failed", message: error.message });
    }
  }
  await advance(database, queue, ownerId, jobId);
}
