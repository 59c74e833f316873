import * as m from "@/messages";
import {
  oneSlowSnapshot,
  oneSnapshot,
  readBasics,
  readOutingsWhole,
  readPhotos,
  readTripsWhole,
  type Connection,
  type Database,
  type WholeOuting,
} from "@/db";
import { batches } from "@/core/numeric";
import { BACKUP_FORMAT, BACKUP_FORMAT_VERSION, MOST_LEFT_OUT, type Backup } from "@/formats/backup/backup-schema";
import { oneOuting } from "@/formats/backup/one-outing";
import { oneTrip } from "@/formats/backup/one-trip";
import { AppError } from "../app-error";
import { log } from "../log";
import { isUuid } from "../uuid";
import { missingOuting } from "../outings/open-outing";
import { BackupRows } from "./rows";

/** So many pieces with their photos, and outings with all they are made of, are in memory at once. */
const PIECES_AT_ONCE = 20;
const OUTINGS_AT_ONCE = 50;

type Part = "people" | "places" | "pieces" | "outfits" | "outings" | "trips";
type Written = { readonly part: Part; readonly row: unknown };

const isThere = <Row>(row: Row | null): row is Row => row !== null;

/** Every row of an owner's backup, part by part, in the order in which a row may stand on those before it. */
async function* rowsOf(connection: Connection, ownerId: string, rows: BackupRows): AsyncGenerator<Written> {
  const { people, places, pieces, outfits, outingIds } = await readBasics(connection, ownerId);
  const of = (part: Part, written: readonly (object | null)[]): Written[] =>
    written.filter(isThere).map((row) => ({ part, row }));
  yield* of(
    "people",
    people.map((row) => rows.person(row)),
  );
  yield* of(
    "places",
    places.map((row) => rows.place(row)),
  );
  for (const some of batches(pieces, PIECES_AT_ONCE)) {
    const photos = await readPhotos(
      connection,
      ownerId,
      some.map(({ id }) => id),
    );
    yield* of(
      "pieces",
      some.map((row) => rows.piece(row, photos.get(row.id))),
    );
  }
  yield* of(
    "outfits",
    outfits.map((row) => rows.outfit(row)),
  );
  for (const ids of batches(outingIds, OUTINGS_AT_ONCE)) {
    const whole = await readOutingsWhole(connection, ownerId, ids);
    yield* of(
      "outings",
      whole.map((outing) => rows.outing(outing)),
    );
  }
  yield* of(
    "trips",
    (await readTripsWhole(connection, ownerId)).map((row) => rows.trip(row)),
  );
}

const PARTS: readonly Part[] = ["people", "places", "pieces", "outfits", "outings", "trips"];
const headOf = (madeAt: Date): Pick<Backup, "format" | "formatVersion" | "madeAt"> => ({
  format: BACKUP_FORMAT,
  formatVersion: BACKUP_FORMAT_VERSION,
  madeAt: madeAt.toISOString(),
});

/** The text of a backup, row by row. */
async function* textOf(connection: Connection, ownerId: string, madeAt: Date): AsyncGenerator<string> {
  const rows = new BackupRows();
  yield JSON.stringify(headOf(madeAt)).slice(0, -1);
  let begun = 0;
  let isFirst = true;
  /** Closes the parts before one and opens it. */
  const upTo = (index: number): string => {
    let text = "";
    while (begun <= index) {
      text += `${begun > 0 ? "]" : ""},"${PARTS[begun]}":[`;
      begun += 1;
      isFirst = true;
    }
    return text;
  };
  for await (const { part, row } of rowsOf(connection, ownerId, rows)) {
    yield upTo(PARTS.indexOf(part));
    yield (isFirst ? "" : ",") + JSON.stringify(row);
    isFirst = false;
  }
  yield `${upTo(PARTS.length - 1)}]`;
  // No longer than a file may hold: one that cannot be restored would be worse than a list that breaks off.
  const leftOut = rows.leftOut.slice(0, MOST_LEFT_OUT);
  if (leftOut.length > 0) log.warn({ leftOut: rows.leftOut.length }, "a backup was written without some rows");
  yield leftOut.length > 0 ? `,"leftOut":${JSON.stringify(leftOut)}}` : "}";
}

/**
 * Everything an owner has, as the text of a file that is written while it is read. All of it is of one moment.
 * @param madeAt when
 */
export function backupStream(database: Database, ownerId: string, madeAt: Date): ReadableStream<Uint8Array> {
  const { readable, writable } = new TransformStream<string, string>();
  const writer = writable.getWriter();
  oneSlowSnapshot(database, async (transaction) => {
    for await (const text of textOf(transaction, ownerId, madeAt)) if (text !== "") await writer.write(text);
    await writer.close();
  }).catch((error: unknown) => {
    log.warn({ err: error }, "a backup ended before it was whole");
    void writer.abort(error).catch(() => undefined);
  });
  return readable.pipeThrough(new TextEncoderStream());
}

/** One outing with all it stands on. @throws {AppError} `not-found`, `stored-unreadable` */
export async function exportOuting(
  database: Database,
  ownerId: string,
  outingId: string,
  madeAt: Date,
): Promise<Backup> {
  if (!isUuid(outingId)) throw missingOuting();
  const rows = new BackupRows();
  const backup = await oneSnapshot(database, async (transaction) => {
    const [outing] = await readOutingsWhole(transaction, ownerId, [outingId]);
    if (!outing) throw missingOuting();
    return { ...headOf(madeAt), ...(await standingOn(transaction, ownerId, rows, [outing])), trips: [] };
  });
  const one = oneOuting(backup, outingId);
  if (!one) throw unreadable(rows);
  return withLeftOut(one, rows);
}

/** A trip with its outings and all they stand on. @throws {AppError} `not-found`, `stored-unreadable` */
export async function exportTrip(database: Database, ownerId: string, tripId: string, madeAt: Date): Promise<Backup> {
  const rows = new BackupRows();
  const backup = await oneSnapshot(database, async (transaction) => {
    const trip = (await readTripsWhole(transaction, ownerId)).find(({ id }) => id === tripId);
    if (!trip) throw new AppError("not-found", m.tripIsNotThere);
    const outings = await readOutingsWhole(
      transaction,
      ownerId,
      trip.days.map(({ outingId }) => outingId),
    );
    const standing = await standingOn(transaction, ownerId, rows, outings);
    return { ...headOf(madeAt), ...standing, trips: [rows.trip(trip)].filter(isThere) };
  });
  return withLeftOut(oneTrip(backup, tripId), rows);
}

/** Outings with the people, places and pieces they stand on. */
async function standingOn(
  transaction: Connection,
  ownerId: string,
  rows: BackupRows,
  outings: readonly WholeOuting[],
): Promise<Pick<Backup, "people" | "places" | "pieces" | "outfits" | "outings">> {
  const { people, places, pieces } = await readBasics(transaction, ownerId);
  const sitters = new Set(outings.map(({ head }) => head.personId));
  const seats = new Set(outings.map(({ head }) => head.placeId));
  const worn = new Set(outings.flatMap(({ wearings }) => wearings.map(({ pieceId }) => pieceId)));
  const photos = await readPhotos(transaction, ownerId, [...worn]);
  return {
    people: people
      .filter(({ id }) => sitters.has(id))
      .map((row) => rows.person(row))
      .filter(isThere),
    places: places
      .filter(({ id }) => seats.has(id))
      .map((row) => rows.place(row))
      .filter(isThere),
    pieces: pieces
      .filter(({ id }) => worn.has(id))
      .map((row) => rows.piece(row, photos.get(row.id)))
      .filter(isThere),
    outfits: [],
    outings: outings.map((outing) => rows.outing(outing)).filter(isThere),
  };
}

const withLeftOut = (backup: Backup, { leftOut }: BackupRows): Backup =>
  leftOut.length > 0 ? { ...backup, leftOut: leftOut.slice(0, MOST_LEFT_OUT) } : backup;

const unreadable = ({ leftOut }: BackupRows): AppError =>
  new AppError(
    "stored-unreadable",
    m.thisOutingCannotBeExported({ leftOut: leftOut.map(({ reason }) => reason).join(" ") }),
  );
