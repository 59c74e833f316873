import { wasDressed } from "@/core/logbook";
import { listNotes, type Database } from "@/db";
import type { ToldSitFile } from "@/formats/wire/logbook/logbook-view";
import { wornInFile } from "./worn-in-file";
import { personOf } from "../kit/kit";
import { readFelt, readOutingFile } from "../stored/stored-logbook";

/** So many of the latest notes are learnt from, at most: each costs some twenty simulations. */
const MOST_LEARNT_FROM = 40;

/** The latest sits a person told of, as files. @throws {AppError} `not-found` */
export async function toldSitsOf(database: Database, ownerId: string, personId: string): Promise<ToldSitFile[]> {
  await personOf(database, ownerId, personId);
  const notes = (await listNotes(database, ownerId)).filter(({ person }) => person.id === personId);
  return notes
    .map(({ note, outing }) => ({
      outing: readOutingFile(note.file, outing.name),
      felt: readFelt(note.felt, outing.name),
    }))
    .filter(({ outing }) => wasDressed(wornInFile(outing)))
    .slice(0, MOST_LEARNT_FROM);
}
