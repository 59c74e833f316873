import * as m from "@/messages";
import type { Database } from "@/db";
import type { Restored } from "@/formats/wire/restored";
import { AppError } from "../app-error";
import { databaseUrl } from "../composition";
import { recompute } from "../outings/recompute";
import { restoreInThread } from "../threads/pool";

/** A fault of the database with its code, as if it had happened here. */
const fault = (code: string | null): Error => Object.assign(new Error("a file could not be restored"), { code });

/**
 * Puts back what a file holds, and has the outings that are new judged in the background.
 * @throws {AppError} `bad-input` with path and reason of each problem, `body-too-large`
 */
export async function restoreFile(database: Database, ownerId: string, bytes: Uint8Array): Promise<Restored> {
  const end = await restoreInThread({ bytes, databaseUrl: databaseUrl(), ownerId, nowMs: Date.now() });
  if (end.kind === "notJson") throw new AppError("bad-input", m.thisFileIsNotJsonTake);
  if (end.kind === "failed") throw fault(end.code);
  if (end.kind === "refused") {
    throw new AppError("bad-input", m.thisFileCannotBeRestoredEach, {
      problems: end.problems,
    });
  }
  for (const id of end.restored.ids) recompute(database, ownerId, id);
  return end.restored;
}
