import type { HeldTo } from "@/core/changes";
import { inTransaction, keepHeldTo, type Database } from "@/db";
import { mergedThing } from "@/formats/sheet-commands/merge";
import type { HeldToChange } from "@/formats/wire/kit/held-to-schema";
import { AppError } from "../app-error";
import { readHeldTo } from "../stored/stored";
import { isUuid } from "../uuid";

/**
 * Changes what a person holds to, field by field: what another page changed meanwhile stays.
 * @returns what they hold to by now
 * @throws {AppError} `not-found`
 */
export async function saveHeldTo(
  database: Database,
  ownerId: string,
  personId: string,
  { from, to }: HeldToChange,
): Promise<HeldTo> {
  const kept = isUuid(personId)
    ? await inTransaction(database, (transaction) =>
        keepHeldTo(
          transaction,
          ownerId,
          personId,
          ({ name, heldTo }) => mergedThing(readHeldTo(heldTo, name), from, to) as HeldTo,
        ),
      )
    : null;
  if (!kept) throw new AppError("not-found", "There is no such person.");
  return kept;
}
