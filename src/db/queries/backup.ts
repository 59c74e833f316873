import { and, asc, eq, inArray, ne, sql } from "drizzle-orm";
import { batches } from "../../core/numeric/index";
import { oneSnapshot, type Connection, type Database } from "../connect";
import { liveReading, liveSit } from "../live-schema";
import { logbookNote, logbookPhoto } from "../logbook-schema";
import {
  hourOfWeather,
  outfit,
  outing,
  person,
  phase,
  piece,
  piecePhoto,
  place,
  sheetCommand,
  wearing,
} from "../schema";

/** A reader that takes its time may keep its snapshot so long. */
const LONGEST_PAUSE = sql`set local idle_in_transaction_session_timeout = '10min'`;

/** `oneSnapshot` for work that waits for somebody slow, such as a download. */
export const oneSlowSnapshot = <Result>(
  database: Database,
  work: (transaction: Connection) => Promise<Result>,
): Promise<Result> =>
  oneSnapshot(database, async (transaction) => {
    await transaction.execute(LONGEST_PAUSE);
    return work(transaction);
  });

/** Everything of an owner but photos and what outings are made of, of which only the ids are read. */
export async function readBasics(connection: Connection, ownerId: string) {
  const people = await connection.select().from(person).where(eq(person.ownerId, ownerId)).orderBy(asc(person.id));
  const places = await connection.select().from(place).where(eq(place.ownerId, ownerId)).orderBy(asc(place.id));
  const pieces = await connection.select().from(piece).where(eq(piece.ownerId, ownerId)).orderBy(asc(piece.id));
  const outfits = await connection.select().from(outfit).where(eq(outfit.ownerId, ownerId)).orderBy(asc(outfit.id));
  const outings = await connection
    .select({ id: outing.id })
    .from(outing)
    .where(eq(outing.ownerId, ownerId))
    .orderBy(asc(outing.id));
  return { people, places, pieces, outfits, outingIds: outings.map(({ id }) => id) };
}

/** Photos by piece. */
export async function readPhotos(
  connection: Connection,
  ownerId: string,
  pieceIds: readonly string[],
): Promise<ReadonlyMap<string, Buffer>> {
  const rows = await connection
    .select({ pieceId: piecePhoto.pieceId, jpeg: piecePhoto.jpeg })
    .from(piecePhoto)
    .where(and(eq(piecePhoto.ownerId, ownerId), inArray(piecePhoto.pieceId, [...pieceIds])));
  return new Map(rows.map(({ pieceId, jpeg }) => [pieceId, jpeg]));
}

function byOuting<Row extends { readonly outingId: string }>(
  rows: readonly Row[],
): (outingId: string) => readonly Row[] {
  const lists = new Map<string, Row[]>();
  for (const row of rows) {
    const list = lists.get(row.outingId);
    if (list) list.push(row);
    else lists.set(row.outingId, [row]);
  }
  return (outingId) => lists.get(outingId) ?? [];
}

/** Outings with all they are made of, in order of the ids. */
export async function readOutingsWhole(connection: Connection, ownerId: string, outingIds: readonly string[]) {
  const ids = [...outingIds];
  const heads = await connection
    .select()
    .from(outing)
    .where(and(eq(outing.ownerId, ownerId), inArray(outing.id, ids)))
    .orderBy(asc(outing.id));
  const weather = await connection
    .select()
    .from(hourOfWeather)
    .where(and(eq(hourOfWeather.ownerId, ownerId), inArray(hourOfWeather.outingId, ids)))
    .orderBy(asc(hourOfWeather.at));
  const phases = await connection
    .select()
    .from(phase)
    .where(and(eq(phase.ownerId, ownerId), inArray(phase.outingId, ids)))
    .orderBy(asc(phase.position));
  const wearings = await connection
    .select()
    .from(wearing)
    .where(and(eq(wearing.ownerId, ownerId), inArray(wearing.outingId, ids)))
    .orderBy(asc(wearing.rank), asc(wearing.fromMinute), asc(wearing.id));
  const commands = await connection
    .select()
    .from(sheetCommand)
    .where(and(eq(sheetCommand.ownerId, ownerId), inArray(sheetCommand.outingId, ids)))
    .orderBy(asc(sheetCommand.position));
  const notes = await connection
    .select()
    .from(logbookNote)
    .where(and(eq(logbookNote.ownerId, ownerId), inArray(logbookNote.outingId, ids)));
  const pictures = await connection
    .select()
    .from(logbookPhoto)
    .where(and(eq(logbookPhoto.ownerId, ownerId), inArray(logbookPhoto.outingId, ids)));
  const sits = await connection
    .select()
    .from(liveSit)
    .where(and(eq(liveSit.ownerId, ownerId), inArray(liveSit.outingId, ids)));
  const readings = await connection
    .select()
    .from(liveReading)
    .where(and(eq(liveReading.ownerId, ownerId), inArray(liveReading.outingId, ids)))
    .orderBy(asc(liveReading.place));
  const of = {
    sits: byOuting(sits),
    readings: byOuting(readings),
    notes: byOuting(notes),
    pictures: byOuting(pictures),
    weather: byOuting(weather),
    phases: byOuting(phases),
    wearings: byOuting(wearings),
    commands: byOuting(commands),
  };
  return heads.map((head) => ({
    head,
    weather: of.weather(head.id),
    phases: of.phases(head.id),
    wearings: of.wearings(head.id),
    commands: of.commands(head.id),
    note: of.notes(head.id)[0] ?? null,
    notePhoto: of.pictures(head.id)[0]?.jpeg ?? null,
    live: of.sits(head.id)[0] ?? null,
    readings: of.readings(head.id),
  }));
}
export type WholeOuting = Awaited<ReturnType<typeof readOutingsWhole>>[number];

const OWNED = { person, place, piece, outfit, outing };
const CONTENTS = { hourOfWeather, phase, wearing, sheetCommand, logbookNote, logbookPhoto, liveSit, liveReading };
type New<Table extends { $inferInsert: object }> = Omit<Table["$inferInsert"], "ownerId">;

/** So many rows are sent to the database at once: an outing's hours have ten values each, and 65,535 are the most. */
const ROWS_AT_ONCE = 500;

/** Rows that may be there already: those that are stay as they are. @returns ids that were made */
export async function addMissing<Name extends keyof typeof OWNED>(
  connection: Connection,
  ownerId: string,
  name: Name,
  rows: readonly New<(typeof OWNED)[Name]>[],
): Promise<Set<string>> {
  const made = new Set<string>();
  for (const batch of batches(rows, ROWS_AT_ONCE)) {
    const added = await connection
      .insert(OWNED[name])
      .values(batch.map((row) => ({ ...row, ownerId })) as never)
      .onConflictDoNothing()
      .returning({ id: OWNED[name].id });
    for (const { id } of added) made.add(id);
  }
  return made;
}

/** What outings that were just made are made of. */
export async function addContents<Name extends keyof typeof CONTENTS>(
  connection: Connection,
  ownerId: string,
  name: Name,
  rows: readonly New<(typeof CONTENTS)[Name]>[],
): Promise<void> {
  for (const batch of batches(rows, ROWS_AT_ONCE)) {
    await connection.insert(CONTENTS[name]).values(batch.map((row) => ({ ...row, ownerId })) as never);
  }
}

/** Photos of pieces that were just made. */
export async function addPhotos(
  connection: Connection,
  ownerId: string,
  rows: readonly New<typeof piecePhoto>[],
): Promise<void> {
  for (const row of rows) await connection.insert(piecePhoto).values({ ...row, ownerId });
}

/** A wearing, among those of some outings, of a piece that is somebody else's. @returns the outing's id, or `null` */
export async function firstForeignWearing(
  connection: Connection,
  ownerId: string,
  outingIds: readonly string[],
): Promise<string | null> {
  const [found] = await connection
    .select({ id: outing.id })
    .from(wearing)
    .innerJoin(outing, and(eq(outing.ownerId, wearing.ownerId), eq(outing.id, wearing.outingId)))
    .innerJoin(piece, and(eq(piece.ownerId, wearing.ownerId), eq(piece.id, wearing.pieceId)))
    .where(
      and(eq(wearing.ownerId, ownerId), inArray(wearing.outingId, [...outingIds]), ne(piece.personId, outing.personId)),
    )
    .limit(1);
  return found?.id ?? null;
}
