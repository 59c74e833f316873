import { and, asc, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { person, place } from "../schema";
import { forgetVerdictsOfPerson } from "./verdict";

/** Everybody who sits and everywhere they sit, by name: what a new outing can start from. */
export async function readPeopleAndPlaces(connection: Connection, ownerId: string) {
  const [people, places] = await Promise.all([
    connection.select().from(person).where(eq(person.ownerId, ownerId)).orderBy(asc(person.name)),
    connection.select().from(place).where(eq(place.ownerId, ownerId)).orderBy(asc(place.name)),
  ]);
  return { people, places };
}

/** Keeps what a person holds to; verdicts of their outings no longer hold. @returns whether there is such a person */
export async function keepHeldTo(
  transaction: Connection,
  ownerId: string,
  personId: string,
  heldTo: (typeof person.$inferSelect)["heldTo"],
): Promise<boolean> {
  const kept = await transaction
    .update(person)
    .set({ heldTo, updatedAt: sql`now()` })
    .where(and(eq(person.ownerId, ownerId), eq(person.id, personId)))
    .returning({ id: person.id });
  await forgetVerdictsOfPerson(transaction, ownerId, personId);
  return kept.length > 0;
}
