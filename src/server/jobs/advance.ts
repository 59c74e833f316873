import { LRUCache } from "lru-cache";
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
  readJobInput,
  type Connection,
  type Database,
  type JobRow,
} from "@/db";
import type { PartQueue, QueuedPart } from "./queue";

type Sender = Pick<PartQueue, "send">;

/** Parts of a few computations come in turns: what each is of is read and parsed once a process. */
const INPUTS_KEPT = 4;
const inputs = new LRUCache<string, object>({ max: INPUTS_KEPT });

async function inputFor(connection: Connection, { ownerId, id, work }: JobRow): Promise<WorkInput<WorkName>> {
  const key = `${ownerId} ${id} ${work}`;
  const input = inputs.get(key) ?? ((await readJobInput(connection, ownerId, id)) as object);
  inputs.set(key, input);
  return input as WorkInput<WorkName>;
}

/** What a computation asks for next, taken up from the answers there are; or what it comes to. */
function goneOn(
  work: string,
  input: WorkInput<WorkName>,
  rounds: readonly (readonly unknown[])[],
): { readonly chunks: readonly unknown[] } | { readonly result: unknown } {
  const steps = beginWork(work as WorkName, input);
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
    const answers = (await readAnswers(transaction, ownerId, jobId)).slice(0, answered);
    const next = goneOn(row.work, await inputFor(transaction, row), answers);
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
      const input = await inputFor(database, row);
      const answer = answerChunk(row.work as WorkName, input, chunk as WorkChunk<WorkName>);
      await keepPart(database, { ownerId, jobId, stage, place, answer });
    } catch (error) {
      if (!(error instanceof CoreError)) throw error;
      return changeJob(database, ownerId, jobId, { state: "failed", message: error.message });
    }
  }
  await advance(database, queue, ownerId, jobId);
}
