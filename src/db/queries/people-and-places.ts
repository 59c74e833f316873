import { and, asc, count, eq, isNull, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, person, place } from "../schema";
import { raiseVersion } from "./raise-version";
import type { Replaced } from "./replace-outing";
import { clearVerdictsOfPerson } from "./verdict";

/** Everybody who sits and everywhere they sit, by name: what a new outing can start from. */
export async function readPeopleAndPlaces(connection: Connection, ownerId: string) {
  const [people, places] = await Promise.all([
    connection.select().from(person).where(eq(person.ownerId, ownerId)).orderBy(asc(person.name)),
    connection.select().from(place).where(eq(place.ownerId, ownerId)).orderBy(asc(place.name)),
  ]);
  return { people, places };
}

/** Everybody who sits, by name, with the outings they sit in; removed ones do not count. */
export const readPeople = (connection: Connection, ownerId: string) =>
  connection
    .select({ person, outings: count(outing.id) })
    .from(person)
    .leftJoin(outing, and(eq(outing.ownerId, person.ownerId), eq(outing.personId, person.id), isNull(outing.removedAt)))
    .where(eq(person.ownerId, ownerId))
    .groupBy(person.ownerId, person.id)
    .orderBy(asc(person.name), asc(person.id));

/** Every place, by name, with the outings that were there; removed ones do not count. */
export const readPlaces = (connection: Connection, ownerId: string) =>
  connection
    .select({ place, outings: count(outing.id) })
    .from(place)
    .leftJoin(outing, and(eq(outing.ownerId, place.ownerId), eq(outing.placeId, place.id), isNull(outing.removedAt)))
    .where(eq(place.ownerId, ownerId))
    .groupBy(place.ownerId, place.id)
    .orderBy(asc(place.name), asc(place.id));

/** Replaces what is told of a person if they are still at the version the writer saw; verdicts of their outings no longer hold. */
export async function replacePerson(
  transaction: Connection,
  ownerId: string,
  personId: string,
  expectedVersion: number,
  content: Partial<typeof person.$inferSelect>,
): Promise<Replaced> {
  const replaced = await raiseVersion(transaction, person, ownerId, personId, expectedVersion, content);
  if (replaced.kind === "saved") await clearVerdictsOfPerson(transaction, ownerId, personId);
  return replaced;
}

/** Replaces what is known of a place if it is still at the version the writer saw; outings there have their own setting. */
export const replacePlace = (
  transaction: Connection,
  ownerId: string,
  placeId: string,
  expectedVersion: number,
  content: Partial<typeof place.$inferSelect>,
): Promise<Replaced> => raiseVersion(transaction, place, ownerId, placeId, expectedVersion, content);

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
