import { asc, eq } from "drizzle-orm";
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
