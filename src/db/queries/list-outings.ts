import { and, asc, eq } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, person, place } from "../schema";

/** All outings of an owner in order of time, with who and where. */
export const listOutings = (connection: Connection, ownerId: string) =>
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
    .where(eq(outing.ownerId, ownerId))
    .orderBy(asc(outing.startsAt), asc(outing.id));
