import { addCommands, addMissing, insertContent, keepPhoto, type Connection, type Database, ensureOwner } from "@/db";
import type { Backup } from "@/formats/backup/backup-schema";
import { parseBackup } from "@/formats/backup/parse";
import type { Restored } from "@/formats/wire/restored";
import { AppError } from "../app-error";
import { contentRows } from "../outings/content-rows";
import { recompute } from "../outings/recompute";

async function addOuting(transaction: Connection, ownerId: string, row: Backup["outings"][number]): Promise<void> {
  await insertContent(transaction, ownerId, row.id, contentRows(row));
  await addCommands(
    transaction,
    ownerId,
    row.commands.map(({ id, label, changes }, position) => ({ outingId: row.id, position, id, label, changes })),
  );
}

/** The outing's head as a row. */
const headOf = ({
  weather: _weather,
  phases: _phases,
  wearings: _wearings,
  commands: _commands,
  done,
  removed,
  startsAt,
  ...head
}: Backup["outings"][number]) => ({
  ...head,
  startsAt: new Date(startsAt),
  removedAt: removed ? new Date(startsAt) : null,
  commandsDone: done,
});

const restoreIn = async (transaction: Connection, ownerId: string, backup: Backup): Promise<Set<string>> => {
  await ensureOwner(transaction, ownerId, "local");
  await addMissing(transaction, ownerId, "person", backup.people);
  await addMissing(transaction, ownerId, "place", backup.places);
  const pieces = await addMissing(
    transaction,
    ownerId,
    "piece",
    backup.pieces.map(({ photo: _photo, ...piece }) => piece),
  );
  for (const { id, photo } of backup.pieces) {
    if (photo !== null && pieces.has(id)) await keepPhoto(transaction, ownerId, id, Buffer.from(photo, "base64"));
  }
  await addMissing(transaction, ownerId, "outfit", backup.outfits);
  const outings = await addMissing(transaction, ownerId, "outing", backup.outings.map(headOf));
  for (const row of backup.outings) if (outings.has(row.id)) await addOuting(transaction, ownerId, row);
  return outings;
};

/**
 * Puts back what a file holds. What is here already stays as it is: nothing is overwritten, nothing is lost.
 * @throws {AppError} `bad-input` with path and reason of each problem
 */
export async function restoreBackup(database: Database, ownerId: string, value: unknown): Promise<Restored> {
  const parsed = parseBackup(value);
  if (!parsed.ok) {
    throw new AppError("bad-input", "This file cannot be restored; each problem is named with the reason.", {
      problems: parsed.problems,
    });
  }
  const { backup } = parsed;
  const made = await database.transaction((transaction) => restoreIn(transaction, ownerId, backup));
  for (const id of made) recompute(database, ownerId, id);
  return { outings: made.size, keptOutings: backup.outings.length - made.size, ids: [...made] };
}
