import { and, desc, eq, isNull, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { logbookNote, logbookPhoto } from "../logbook-schema";
import { outing, person, place } from "../schema";

export type NoteRow = typeof logbookNote.$inferSelect;

const isNoteOf = (ownerId: string, outingId: string) =>
  and(eq(logbookNote.ownerId, ownerId), eq(logbookNote.outingId, outingId));

export async function readNote(connection: Connection, ownerId: string, outingId: string): Promise<NoteRow | null> {
  const [row] = await connection.select().from(logbookNote).where(isNoteOf(ownerId, outingId));
  return row ?? null;
}

/** Keeps what was felt. The outing stays as it was when it was first told: a later note changes only what was felt. */
export async function keepNote(
  connection: Connection,
  row: Pick<NoteRow, "ownerId" | "outingId" | "felt" | "file" | "verdict" | "modelVersion">,
): Promise<void> {
  await connection
    .insert(logbookNote)
    .values(row)
    .onConflictDoUpdate({
      target: [logbookNote.ownerId, logbookNote.outingId],
      set: { felt: row.felt, updatedAt: sql`now()` },
    });
}

/** Keeps what the newest model says of the outing as it was. */
export const keepToday = (
  connection: Connection,
  ownerId: string,
  outingId: string,
  today: Pick<NoteRow, "todayVerdict" | "todayModelVersion">,
) => connection.update(logbookNote).set(today).where(isNoteOf(ownerId, outingId));

const isPhotoOf = (ownerId: string, outingId: string) =>
  and(eq(logbookPhoto.ownerId, ownerId), eq(logbookPhoto.outingId, outingId));

/** Keeps a picture with a note, which has to be there, or takes it away. @param jpeg `null`: none */
export async function keepNotePhoto(
  connection: Connection,
  ownerId: string,
  outingId: string,
  jpeg: Buffer | null,
): Promise<void> {
  if (jpeg === null) await connection.delete(logbookPhoto).where(isPhotoOf(ownerId, outingId));
  else
    await connection
      .insert(logbookPhoto)
      .values({ ownerId, outingId, jpeg })
      .onConflictDoUpdate({
        target: [logbookPhoto.ownerId, logbookPhoto.outingId],
        set: { jpeg, updatedAt: sql`now()` },
      });
}

/** @returns the picture, or `null` where there is none */
export async function readNotePhoto(connection: Connection, ownerId: string, outingId: string): Promise<Buffer | null> {
  const [found] = await connection
    .select({ jpeg: logbookPhoto.jpeg })
    .from(logbookPhoto)
    .where(isPhotoOf(ownerId, outingId));
  return found?.jpeg ?? null;
}

/** Starts of a person's outings: what is brought in twice is known by them. */
export async function startsOfPerson(connection: Connection, ownerId: string, personId: string): Promise<Date[]> {
  const rows = await connection
    .select({ startsAt: outing.startsAt })
    .from(outing)
    .where(and(eq(outing.ownerId, ownerId), eq(outing.personId, personId), isNull(outing.removedAt)));
  return rows.map(({ startsAt }) => startsAt);
}

/** @returns whether it was there */
export async function forgetNote(connection: Connection, ownerId: string, outingId: string): Promise<boolean> {
  const gone = await connection
    .delete(logbookNote)
    .where(isNoteOf(ownerId, outingId))
    .returning({ id: logbookNote.outingId });
  return gone.length > 0;
}

const isListed = (ownerId: string) => and(eq(logbookNote.ownerId, ownerId), isNull(outing.removedAt));

/**
 * Every note of an owner with its outing, the latest sit first; those of removed outings are not listed.
 * @param outingId of that one alone
 */
export const listNotes = (connection: Connection, ownerId: string, outingId?: string) =>
  connection
    .select({
      note: logbookNote,
      hasPhoto: sql<boolean>`exists (select from ${logbookPhoto} where ${logbookPhoto.ownerId} = ${logbookNote.ownerId} and ${logbookPhoto.outingId} = ${logbookNote.outingId})`,
      outing: { name: outing.name, invented: outing.invented, startsAt: outing.startsAt },
      person: { id: person.id, name: person.name },
      place: { name: place.name, timeZone: place.timeZone },
    })
    .from(logbookNote)
    .innerJoin(outing, and(eq(outing.ownerId, logbookNote.ownerId), eq(outing.id, logbookNote.outingId)))
    .innerJoin(person, and(eq(person.ownerId, outing.ownerId), eq(person.id, outing.personId)))
    .innerJoin(place, and(eq(place.ownerId, outing.ownerId), eq(place.id, outing.placeId)))
    .where(outingId === undefined ? isListed(ownerId) : and(isListed(ownerId), eq(logbookNote.outingId, outingId)))
    .orderBy(desc(outing.startsAt));
