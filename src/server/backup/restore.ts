import * as m from "@/messages";
import {
  addContents,
  addMissing,
  addPhotos,
  addTrip,
  ensureOwner,
  firstForeignWearing,
  type Connection,
  type Database,
} from "@/db";
import type { FileProblem } from "@/formats/outing-file/problem";
import type { Backup } from "@/formats/backup/backup-schema";
import { parseBackup } from "@/formats/backup/parse";
import type { Restored } from "@/formats/wire/restored";
import { contentRows } from "../outings/content-rows";

type Outing = Backup["outings"][number];

/** Rows put back begin at a version that no page which is still open from before can know: seconds since 2020. */
const VERSIONS_SINCE_MS = Date.UTC(2020, 0, 1);
const versionAt = (nowMs: number): number => Math.floor((nowMs - VERSIONS_SINCE_MS) / 1000);

/** The outing's head as a row. */
const headOf = ({
  weather: _weather,
  phases: _phases,
  wearings: _wearings,
  commands: _commands,
  note: _note,
  live: _live,
  done,
  removed,
  startsAt,
  ...head
}: Outing) => ({
  ...head,
  startsAt: new Date(startsAt),
  removedAt: removed ? new Date(startsAt) : null,
  commandsDone: done,
});

/** What outings are made of, as rows of all of them together. */
async function addWhole(transaction: Connection, ownerId: string, outings: readonly Outing[]): Promise<void> {
  const whole = outings.map((outing) => ({ outingId: outing.id, ...contentRows(outing) }));
  const inAll = <Row extends object>(list: (of: (typeof whole)[number]) => readonly Row[]) =>
    whole.flatMap((of) => list(of).map((row) => ({ ...row, outingId: of.outingId })));
  await addContents(
    transaction,
    ownerId,
    "hourOfWeather",
    inAll(({ weather }) => weather),
  );
  await addContents(
    transaction,
    ownerId,
    "phase",
    inAll(({ phases }) => phases),
  );
  await addContents(
    transaction,
    ownerId,
    "wearing",
    inAll(({ wearings }) => wearings),
  );
  await addContents(
    transaction,
    ownerId,
    "logbookNote",
    outings.flatMap(({ id: outingId, note }) => {
      if (!note) return [];
      const { photo: _photo, ...kept } = note;
      return [{ outingId, ...kept }];
    }),
  );
  await addContents(
    transaction,
    ownerId,
    "logbookPhoto",
    outings.flatMap(({ id: outingId, note }) =>
      note && note.photo !== null ? [{ outingId, jpeg: Buffer.from(note.photo, "base64") }] : [],
    ),
  );
  const sits = outings.flatMap(({ id: outingId, live }) => (live ? [{ outingId, ...live }] : []));
  await addContents(
    transaction,
    ownerId,
    "liveSit",
    sits.map(({ outingId, beganAt, endedAt, votes }) => ({
      outingId,
      beganAt: new Date(beganAt),
      endedAt: endedAt === null ? null : new Date(endedAt),
      votes,
      tokenHash: "", // nothing hashes to it: loggers need another token
    })),
  );
  await addContents(
    transaction,
    ownerId,
    "liveReading",
    sits.flatMap(({ outingId, readings }) =>
      readings.map(({ sensor, at, valueC }) => ({ outingId, sensor, at: new Date(at), valueC })),
    ),
  );
  await addContents(
    transaction,
    ownerId,
    "sheetCommand",
    outings.flatMap(({ id: outingId, commands }) =>
      commands.map((command, position) => ({ outingId, position, ...command })),
    ),
  );
}

class Refused extends Error {
  constructor(readonly problem: FileProblem) {
    super(problem.reason);
  }
}

async function addAll(
  transaction: Connection,
  ownerId: string,
  backup: Backup,
  version: number,
): Promise<ReadonlySet<string>> {
  const versioned = <Row extends object>(rows: readonly Row[]) => rows.map((row) => ({ ...row, version }));
  await ensureOwner(transaction, ownerId, "local");
  await addMissing(transaction, ownerId, "person", versioned(backup.people));
  await addMissing(transaction, ownerId, "place", versioned(backup.places));
  const pieces = await addMissing(
    transaction,
    ownerId,
    "piece",
    versioned(backup.pieces.map(({ photo: _photo, ...piece }) => piece)),
  );
  await addPhotos(
    transaction,
    ownerId,
    backup.pieces.flatMap(({ id, photo }) =>
      photo !== null && pieces.has(id) ? [{ pieceId: id, jpeg: Buffer.from(photo, "base64") }] : [],
    ),
  );
  await addMissing(transaction, ownerId, "outfit", backup.outfits);
  const made = await addMissing(transaction, ownerId, "outing", versioned(backup.outings.map(headOf)));
  await addWhole(
    transaction,
    ownerId,
    backup.outings.filter(({ id }) => made.has(id)),
  );
  for (const trip of backup.trips) await addTrip(transaction, ownerId, trip);
  // A piece that is here already may be somebody else's than in the file.
  const foreign = made.size > 0 ? await firstForeignWearing(transaction, ownerId, [...made]) : null;
  if (foreign !== null)
    throw new Refused({
      path: `outings[${backup.outings.findIndex(({ id }) => id === foreign)}].wearings`,
      reason: m.wearsAPieceThatBelongsTo,
    });
  return made;
}

export type RestoreAnswer =
  | { readonly kind: "restored"; readonly restored: Restored }
  | { readonly kind: "refused"; readonly problems: readonly FileProblem[] };

/**
 * Puts back what a file holds. What is here already stays as it is: nothing is overwritten, nothing is lost. It happens
 * whole or not at all.
 * @param nowMs ms since 1970
 */
export async function restoreBackup(
  database: Database,
  ownerId: string,
  value: unknown,
  nowMs: number,
): Promise<RestoreAnswer> {
  const parsed = parseBackup(value);
  if (!parsed.ok) return { kind: "refused", problems: parsed.problems };
  const { backup } = parsed;
  try {
    const made = await database.transaction((transaction) => addAll(transaction, ownerId, backup, versionAt(nowMs)));
    return {
      kind: "restored",
      restored: {
        outings: made.size,
        keptOutings: backup.outings.length - made.size,
        ids: [...made],
        leftOut: (backup.leftOut ?? []).map(({ what, name, reason }) => `${what} "${name}": ${reason}`),
      },
    };
  } catch (error) {
    if (error instanceof Refused) return { kind: "refused", problems: [error.problem] };
    throw error;
  }
}
