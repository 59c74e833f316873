import { and, desc, eq, isNull, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { logbookNote } from "../logbook-schema";
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

/** @returns whether it was there */
export async function forgetNote(connection: Connection, ownerId: string, outingId: string): Promise<boolean> {
  const gone = await connection
    .delete(logbookNote)
    .where(isNoteOf(ownerId, outingId))
    .returning({ id: logbookNote.outingId });
  return gone.length > 0;
}

/** Every note of an owner with its outing, the latest sit first; those of removed outings are not listed. */
export const listNotes = (connection: Connection, ownerId: string) =>
  connection
    .select({
      note: logbookNote,
      outing: { name: outing.name, invented: outing.invented, startsAt: outing.startsAt },
      person: { id: person.id, name: person.name },
      place: { name: place.name, timeZone: place.timeZone },
    })
    .from(logbookNote)
    .innerJoin(outing, and(eq(outing.ownerId, logbookNote.ownerId), eq(outing.id, logbookNote.outingId)))
    .innerJoin(person, and(eq(person.ownerId, outing.ownerId), eq(person.id, outing.personId)))
    .innerJoin(place, and(eq(place.ownerId, outing.ownerId), eq(place.id, outing.placeId)))
    .where(and(eq(logbookNote.ownerId, ownerId), isNull(outing.removedAt)))
    .orderBy(desc(outing.startsAt));
