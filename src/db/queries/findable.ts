import { and, asc, desc, eq, isNull } from "drizzle-orm";
import type { Database } from "../connect";
import { outing, person, piece, place } from "../schema";

/** Names of all that can be gone to: what is removed, deleted or retired is not. */
export async function readFindable(database: Database, ownerId: string) {
  const [outings, pieces, people, places] = await Promise.all([
    database
      .select({ id: outing.id, name: outing.name, startsAt: outing.startsAt, timeZone: place.timeZone })
      .from(outing)
      .innerJoin(place, and(eq(outing.placeId, place.id), eq(outing.ownerId, place.ownerId)))
      .where(and(eq(outing.ownerId, ownerId), isNull(outing.removedAt)))
      .orderBy(desc(outing.startsAt)),
    database
      .select({ id: piece.id, name: piece.name, personId: person.id, personName: person.name })
      .from(piece)
      .innerJoin(person, and(eq(piece.personId, person.id), eq(piece.ownerId, person.ownerId)))
      .where(and(eq(piece.ownerId, ownerId), eq(piece.status, "inUse"), eq(person.retired, false)))
      .orderBy(asc(piece.name)),
    database
      .select({ id: person.id, name: person.name })
      .from(person)
      .where(and(eq(person.ownerId, ownerId), eq(person.retired, false)))
      .orderBy(asc(person.name)),
    database
      .select({ id: place.id, name: place.name })
      .from(place)
      .where(and(eq(place.ownerId, ownerId), eq(place.retired, false)))
      .orderBy(asc(place.name)),
  ]);
  return { outings, pieces, people, places };
}
