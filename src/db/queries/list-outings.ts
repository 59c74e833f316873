import { and, asc, eq, isNotNull, isNull } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, person, place } from "../schema";

/** Outings of an owner in order of time, with who and where. @param removed those taken off the list instead */
export const listOutings = (connection: Connection, ownerId: string, removed = false) =>
  connection
    .select({
      outing,
      personName: person.name,
      placeName: place.name,
      timeZone: place.timeZone,
    })
    .from(outing)
    .innerJoin(person, and(eq(person.ownerId, outing.ownerId), eq(person.id, outing.personId)))
    .innerJoin(place, and(eq(place.ownerId, outing.ownerId), eq(place.id, outing.placeId)))
    .where(and(eq(outing.ownerId, ownerId), removed ? isNotNull(outing.removedAt) : isNull(outing.removedAt)))
    .orderBy(asc(outing.startsAt), asc(outing.id));
