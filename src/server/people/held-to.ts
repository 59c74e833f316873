import type { HeldTo } from "@/core/changes";
import { inTransaction, keepHeldTo, type Database } from "@/db";
import { AppError } from "../app-error";
import { isUuid } from "../uuid";

/** Keeps what a person holds to. @throws {AppError} `not-found` */
export async function saveHeldTo(
  database: Database,
  ownerId: string,
  personId: string,
  heldTo: HeldTo,
): Promise<HeldTo> {
  const isKept =
    isUuid(personId) &&
    (await inTransaction(database, (transaction) => keepHeldTo(transaction, ownerId, personId, heldTo)));
  if (!isKept) throw new AppError("not-found", "There is no such person.");
  return heldTo;
}
