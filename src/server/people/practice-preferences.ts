import * as m from "@/messages";
import type { PracticePreferences } from "@/core/changes";
import { inTransaction, keepPracticePreferences, type Database } from "@/db";
import { mergedThing } from "@/formats/sheet-commands/merge";
import type { PracticePreferencesChange } from "@/formats/wire/kit/practice-preferences-schema";
import { AppError } from "../app-error";
import { readPracticePreferences } from "../stored/stored";
import { isUuid } from "../uuid";

/**
 * Changes what a person holds to, field by field: what another page changed meanwhile stays.
 * @returns what they hold to by now
 * @throws {AppError} `not-found`
 */
export async function savePracticePreferences(
  database: Database,
  ownerId: string,
  personId: string,
  { from, to }: PracticePreferencesChange,
): Promise<PracticePreferences> {
  const kept = isUuid(personId)
    ? await inTransaction(database, (transaction) =>
        keepPracticePreferences(
          transaction,
          ownerId,
          personId,
          ({ name, practicePreferences }) =>
            mergedThing(readPracticePreferences(practicePreferences, name), from, to) as PracticePreferences,
        ),
      )
    : null;
  if (!kept) throw new AppError("not-found", m.thereIsNoSuchPerson);
  return kept;
}
