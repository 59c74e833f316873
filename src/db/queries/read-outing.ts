import { and, asc, eq, inArray, or } from "drizzle-orm";
import type { Connection } from "../connect";
import { readLearnt } from "./learnt";
import { hourOfWeather, outing, person, phase, piece, place, wearing } from "../schema";

/** An outing with all it stands on; `null` when the owner has none of that id. */
export async function readOuting(connection: Connection, ownerId: string, outingId: string) {
  const [found] = await connection
    .select({ outing, person, place })
    .from(outing)
    .innerJoin(person, and(eq(person.ownerId, outing.ownerId), eq(person.id, outing.personId)))
    .innerJoin(place, and(eq(place.ownerId, outing.ownerId), eq(place.id, outing.placeId)))
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId)));
  if (!found) return null;
  const [weather, phases, wearings, kit, learnt] = await Promise.all([
    connection
      .select()
      .from(hourOfWeather)
      .where(and(eq(hourOfWeather.ownerId, ownerId), eq(hourOfWeather.outingId, outingId)))
      .orderBy(asc(hourOfWeather.at)),
    connection
      .select()
      .from(phase)
      .where(and(eq(phase.ownerId, ownerId), eq(phase.outingId, outingId)))
      .orderBy(asc(phase.position)),
    connection
      .select()
      .from(wearing)
      .where(and(eq(wearing.ownerId, ownerId), eq(wearing.outingId, outingId)))
      .orderBy(asc(wearing.rank), asc(wearing.fromMinute), asc(wearing.id)),
    connection
      .select()
      .from(piece)
      .where(
        and(
          eq(piece.ownerId, ownerId),
          eq(piece.personId, found.outing.personId),
          // What is retired or deleted stays where it was worn.
          or(
            eq(piece.status, "inUse"),
            inArray(
              piece.id,
              connection
                .select({ id: wearing.pieceId })
                .from(wearing)
                .where(and(eq(wearing.ownerId, ownerId), eq(wearing.outingId, outingId))),
            ),
          ),
        ),
      )
      .orderBy(asc(piece.name)),
    readLearnt(connection, ownerId, [found.outing.personId]),
  ]);
  return { ...found, weather, phases, wearings, kit, learnt: learnt.get(found.outing.personId) ?? null };
}

export type OutingRows = NonNullable<Awaited<ReturnType<typeof readOuting>>>;
