import { readEverything, type Database, type Everything } from "@/db";
import { BACKUP_FORMAT, BACKUP_FORMAT_VERSION, backupSchema, type Backup } from "@/formats/backup/backup-schema";
import { oneOuting } from "@/formats/backup/one-outing";
import { missingOuting } from "../outings/open-outing";
import { toPhase } from "../outings/to-view";

/** Rows by what they belong to. */
function grouped<Row>(rows: readonly Row[], keyOf: (row: Row) => string): ReadonlyMap<string, Row[]> {
  const byKey = new Map<string, Row[]>();
  for (const row of rows) byKey.set(keyOf(row), [...(byKey.get(keyOf(row)) ?? []), row]);
  return byKey;
}

function outingsOf({ outings, weather, phases, wearings, commands }: Everything): unknown[] {
  const [hours, stretches, worn, done] = [weather, phases, wearings, commands].map((rows) =>
    grouped(rows as readonly { outingId: string }[], ({ outingId }) => outingId),
  ) as [
    ReadonlyMap<string, Everything["weather"]>,
    ReadonlyMap<string, Everything["phases"]>,
    ReadonlyMap<string, Everything["wearings"]>,
    ReadonlyMap<string, Everything["commands"]>,
  ];
  return outings.map((row) => {
    const own = done.get(row.id) ?? [];
    const from = own[0]?.position ?? row.commandsDone;
    return {
      id: row.id,
      name: row.name,
      personId: row.personId,
      placeId: row.placeId,
      partyId: row.partyId,
      startsAt: row.startsAt.toISOString(),
      invented: row.invented,
      removed: row.removedAt !== null,
      setting: row.setting,
      weatherShaped: row.weatherShaped,
      plan: row.plan,
      weather: (hours.get(row.id) ?? []).map(({ ownerId: _owner, outingId: _outing, at, ...hour }) => ({
        at: at.toISOString(),
        ...hour,
      })),
      phases: (stretches.get(row.id) ?? []).map(toPhase),
      wearings: (worn.get(row.id) ?? []).map(({ ownerId: _owner, outingId: _outing, ...wearing }) => wearing),
      commands: own.map(({ id, label, changes }) => ({ id, label, changes })),
      done: Math.min(own.length, Math.max(0, row.commandsDone - from)),
    };
  });
}

/** Everything an owner has. @param madeAt when */
export async function backupOf(database: Database, ownerId: string, madeAt: Date): Promise<Backup> {
  const all = await readEverything(database, ownerId);
  const photos = new Map(all.photos.map(({ pieceId, jpeg }) => [pieceId, jpeg.toString("base64")]));
  return backupSchema.parse({
    format: BACKUP_FORMAT,
    formatVersion: BACKUP_FORMAT_VERSION,
    madeAt: madeAt.toISOString(),
    people: all.people.map(({ ownerId: _o, version: _v, createdAt: _c, updatedAt: _u, ...person }) => person),
    places: all.places.map(({ id, name, timeZone, setting }) => ({ id, name, timeZone, setting })),
    pieces: all.pieces.map(({ ownerId: _o, version: _v, createdAt: _c, updatedAt: _u, ...piece }) => ({
      ...piece,
      photo: photos.get(piece.id) ?? null,
    })),
    outfits: all.outfits.map(({ id, personId, name, wearings }) => ({ id, personId, name, wearings })),
    outings: outingsOf(all),
  });
}

/** One outing with all it stands on. @throws {AppError} `not-found` */
export async function exportOuting(
  database: Database,
  ownerId: string,
  outingId: string,
  madeAt: Date,
): Promise<Backup> {
  const one = oneOuting(await backupOf(database, ownerId, madeAt), outingId);
  if (!one) throw missingOuting();
  return one;
}
