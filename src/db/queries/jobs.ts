import { and, asc, count, eq, getTableColumns, isNull, lt, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { job, jobPart } from "../jobs-schema";

type WholeRow = typeof job.$inferSelect;
/** A computation without what it is of: that is large, and only who computes needs it. */
export type JobRow = Omit<WholeRow, "input">;
const { input: inputColumn, ...rowColumns } = getTableColumns(job);
type Question = Pick<JobRow, "work" | "modelVersion" | "inputHash">;

const isJob = (ownerId: string, jobId: string) => and(eq(job.ownerId, ownerId), eq(job.id, jobId));
const isPartOf = (ownerId: string, jobId: string) => and(eq(jobPart.ownerId, ownerId), eq(jobPart.jobId, jobId));

export async function readJob(connection: Connection, ownerId: string, jobId: string): Promise<JobRow | null> {
  const [row] = await connection.select(rowColumns).from(job).where(isJob(ownerId, jobId));
  return row ?? null;
}

/** What a computation is of, as it was asked; it never changes. */
export async function readJobInput(connection: Connection, ownerId: string, jobId: string): Promise<unknown> {
  const [row] = await connection.select({ input: inputColumn }).from(job).where(isJob(ownerId, jobId));
  return row?.input ?? null;
}

/** Reads a computation and holds it: whoever goes on with it does so alone. */
export async function lockJob(transaction: Connection, ownerId: string, jobId: string): Promise<JobRow | null> {
  const [row] = await transaction.select(rowColumns).from(job).where(isJob(ownerId, jobId)).for("update");
  return row ?? null;
}

/** The computation that asks just that, if there is one. */
export async function findJob(connection: Connection, ownerId: string, question: Question): Promise<JobRow | null> {
  const [row] = await connection
    .select(rowColumns)
    .from(job)
    .where(
      and(
        eq(job.ownerId, ownerId),
        eq(job.work, question.work),
        eq(job.modelVersion, question.modelVersion),
        eq(job.inputHash, question.inputHash),
      ),
    );
  return row ?? null;
}

/** @returns whether it is new: somebody else may have asked the same meanwhile */
export async function addJob(
  connection: Connection,
  row: Pick<WholeRow, "ownerId" | "id" | "work" | "modelVersion" | "inputHash" | "input">,
): Promise<boolean> {
  const added = await connection.insert(job).values(row).onConflictDoNothing().returning({ id: job.id });
  return added.length > 0;
}

export async function changeJob(
  connection: Connection,
  ownerId: string,
  jobId: string,
  change: Partial<Pick<JobRow, "state" | "stage" | "asked" | "result" | "message">>,
): Promise<void> {
  await connection.update(job).set(change).where(isJob(ownerId, jobId));
}

/** Notes that a worker has begun. */
export async function beginJob(connection: Connection, ownerId: string, jobId: string): Promise<void> {
  await connection
    .update(job)
    .set({ begunAt: sql`now()` })
    .where(and(isJob(ownerId, jobId), isNull(job.begunAt)));
}

export async function hasPart(
  connection: Connection,
  ownerId: string,
  jobId: string,
  { stage, place }: { readonly stage: number; readonly place: number },
): Promise<boolean> {
  const found = await connection
    .select({ place: jobPart.place })
    .from(jobPart)
    .where(and(isPartOf(ownerId, jobId), eq(jobPart.stage, stage), eq(jobPart.place, place)));
  return found.length > 0;
}

/** Keeps what a part answered; of one that was computed twice the first. */
export async function keepPart(connection: Connection, row: typeof jobPart.$inferInsert): Promise<void> {
  await connection.insert(jobPart).values(row).onConflictDoNothing();
}

export async function countParts(
  connection: Connection,
  ownerId: string,
  jobId: string,
  stage: number,
): Promise<number> {
  const [row] = await connection
    .select({ count: count() })
    .from(jobPart)
    .where(and(isPartOf(ownerId, jobId), eq(jobPart.stage, stage)));
  return row!.count;
}

/** Answers of all rounds, each in the order of its parts. */
export async function readAnswers(connection: Connection, ownerId: string, jobId: string): Promise<unknown[][]> {
  const rows = await connection
    .select()
    .from(jobPart)
    .where(isPartOf(ownerId, jobId))
    .orderBy(asc(jobPart.stage), asc(jobPart.place));
  const rounds: unknown[][] = [];
  for (const { stage, answer } of rows) (rounds[stage] ??= []).push(answer);
  return rounds;
}

export async function forgetParts(connection: Connection, ownerId: string, jobId: string): Promise<void> {
  await connection.delete(jobPart).where(isPartOf(ownerId, jobId));
}

/** Forgets what was asked before a time. */
export async function forgetJobsBefore(connection: Connection, ownerId: string, before: Date): Promise<void> {
  await connection.delete(job).where(and(eq(job.ownerId, ownerId), lt(job.createdAt, before)));
}

/** Removes one that is asked again: it was cancelled, or failed. */
export async function forgetJob(connection: Connection, ownerId: string, jobId: string): Promise<void> {
  await connection.delete(job).where(isJob(ownerId, jobId));
}
