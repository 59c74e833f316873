import { and, asc, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { person, place } from "../schema";
import { clearVerdictsOfPerson } from "./verdict";

/** Everybody who sits and everywhere they sit, by name: what a new outing can start from. */
export async function readPeopleAndPlaces(connection: Connection, ownerId: string) {
  const [people, places] = await Promise.all([
    connection.select().from(person).where(eq(person.ownerId, ownerId)).orderBy(asc(person.name)),
    connection.select().from(place).where(eq(place.ownerId, ownerId)).orderBy(asc(place.name)),
  ]);
  return { people, places };
}

/**
 * Changes what a person holds to; verdicts of their outings no longer hold.
 * @param change what they hold to from what they held to, under a lock
 * @returns what is kept; `null` where there is no such person
 */
export async function keepPracticePreferences(
  transaction: Connection,
  ownerId: string,
  personId: string,
  change: (
    row: Pick<typeof person.$inferSelect, "name" | "practicePreferences">,
  ) => (typeof person.$inferSelect)["practicePreferences"],
): Promise<(typeof person.$inferSelect)["practicePreferences"] | null> {
  const own = and(eq(person.ownerId, ownerId), eq(person.id, personId));
  const [row] = await transaction
    .select({ name: person.name, practicePreferences: person.practicePreferences })
    .from(person)
    .where(own)
    .for("update");
  if (!row) return null;
  const practicePreferences = change(row);
  await transaction
    .update(person)
    .set({ practicePreferences, updatedAt: sql`now()` })
    .where(own);
  await clearVerdictsOfPerson(transaction, ownerId, personId);
  return practicePreferences;
}
