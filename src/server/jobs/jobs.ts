import * as m from "@/messages";
import { createHash } from "node:crypto";
import { v7 as uuid } from "uuid";
import { MODEL_VERSION } from "@/core/outing";
import { doneShare, type WorkName } from "@/core/wardrobe";
import { MS_PER_DAY } from "@/core/units";
import {
  addJob,
  changeJob,
  countParts,
  findJob,
  forgetJob,
  forgetJobsBefore,
  forgetParts,
  readJob,
  type Database,
  type JobRow,
} from "@/db";
import type { JobAsked, JobView } from "@/formats/wire/jobs/job-schema";
import { AppError } from "../app-error";
import { advance } from "./advance";
import { inputOf } from "./job-input";
import type { PartQueue } from "./queue";

/** What was found is kept so long (assumption). */
const KEPT_DAYS = 60;

async function viewOf(database: Database, row: JobRow): Promise<JobView> {
  const done =
    row.state === "waiting" && row.asked > 0 ? await countParts(database, row.ownerId, row.id, row.stage) : 0;
  return {
    id: row.id,
    state: row.state,
    isBegun: row.begunAt !== null,
    doneShare: row.state === "done" ? 1 : doneShare(row.work as WorkName, row.stage, done, row.asked),
    result: row.state === "done" ? row.result : null,
    message: row.message,
  };
}

const known = async (database: Database, ownerId: string, jobId: string): Promise<JobRow> => {
  const row = await readJob(database, ownerId, jobId);
  if (!row) throw new AppError("not-found", m.jobIsNotThere);
  return row;
};

/**
 * Asks for a long computation. The same question as before is answered by what was found, or joins what is being computed.
 * @throws {AppError} `not-found`, `bad-input`
 */
export async function beginJob(
  database: Database,
  queue: Pick<PartQueue, "send">,
  ownerId: string,
  asked: JobAsked,
): Promise<JobView> {
  const input = await inputOf(database, ownerId, asked);
  const inputHash = createHash("sha256").update(JSON.stringify(input)).digest("hex");
  const question = { work: asked.work, modelVersion: MODEL_VERSION, inputHash };
  const before = await findJob(database, ownerId, question);
  if (before && (before.state === "done" || before.state === "waiting")) return viewOf(database, before);
  if (before) await forgetJob(database, ownerId, before.id);
  await forgetJobsBefore(database, ownerId, new Date(Date.now() - KEPT_DAYS * MS_PER_DAY));
  const id = uuid();
  const isNew = await addJob(database, { ownerId, id, input, ...question });
  if (isNew) await advance(database, queue, ownerId, id);
  const row = isNew ? await known(database, ownerId, id) : await findJob(database, ownerId, question);
  return viewOf(database, row!);
}

/** @throws {AppError} `not-found` */
export const jobNow = async (database: Database, ownerId: string, jobId: string): Promise<JobView> =>
  viewOf(database, await known(database, ownerId, jobId));

/** Nobody waits any more: parts that are queued are not computed. @throws {AppError} `not-found` */
export async function cancelJob(database: Database, ownerId: string, jobId: string): Promise<JobView> {
  const row = await known(database, ownerId, jobId);
  if (row.state !== "waiting") return viewOf(database, row);
  await changeJob(database, ownerId, jobId, { state: "cancelled" });
  await forgetParts(database, ownerId, jobId);
  return viewOf(database, { ...row, state: "cancelled" });
}
