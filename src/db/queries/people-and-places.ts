import { and, asc, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { person, place } from "../schema";

/** Everybody who sits and everywhere they sit, by name: what a new outing can start from. */
export async function readPeopleAndPlaces(connection: Connection, ownerId: string) {
  const [people, places] = await Promise.all([
    connection.select().from(person).where(eq(person.ownerId, ownerId)).orderBy(asc(person.name)),
    connection.select().from(place).where(eq(place.ownerId, ownerId)).orderBy(asc(place.name)),
  ]);
  return { people, places };
}

/** Keeps what a person holds to. @returns whether there is such a person */
export async function keepHeldTo(
  connection: Connection,
  ownerId: string,
  personId: string,
  heldTo: (typeof person.$inferSelect)["heldTo"],
): Promise<boolean> {
  const kept = await connection
    .update(person)
    .set({ heldTo, updatedAt: sql`now()` })
    .where(and(eq(person.ownerId, ownerId), eq(person.id, personId)))
    .returning({ id: person.id });
  return kept.length > 0;
}
