import type { HeldTo } from "@/core/changes";
import { keepHeldTo, type Database } from "@/db";
import { AppError } from "../app-error";
import { isUuid } from "../uuid";

/** Keeps what a person holds to. @throws {AppError} `not-found` */
export async function saveHeldTo(
  database: Database,
  ownerId: string,
  personId: string,
  heldTo: HeldTo,
): Promise<HeldTo> {
  if (!isUuid(personId) || !(await keepHeldTo(database, ownerId, personId, heldTo))) {
    throw new AppError("not-found", "There is no such person.");
  }
  return heldTo;
}
