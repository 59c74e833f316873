import { and, asc, eq, isNotNull, isNull, or, type SQL } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, person, place } from "../schema";

const linesWhere = (connection: Connection, wanted: SQL | undefined) =>
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
    .where(wanted)
    .orderBy(asc(outing.startsAt), asc(outing.id));

/** Outings of an owner in order of time, with who and where. @param removed those taken off the list instead */
export const listOutings = (connection: Connection, ownerId: string, removed = false) =>
  linesWhere(
    connection,
    and(eq(outing.ownerId, ownerId), removed ? isNotNull(outing.removedAt) : isNull(outing.removedAt)),
  );

/** An outing, removed or not, and the others of its party. */
export const listParty = (
  connection: Connection,
  ownerId: string,
  { id, partyId }: { readonly id: string; readonly partyId: string | null },
) =>
  linesWhere(
    connection,
    and(
      eq(outing.ownerId, ownerId),
      partyId === null
        ? eq(outing.id, id)
        : or(eq(outing.id, id), and(eq(outing.partyId, partyId), isNull(outing.removedAt))),
    ),
  );
