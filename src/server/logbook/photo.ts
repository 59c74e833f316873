import * as m from "@/messages";
import { keepNotePhoto, readNotePhoto, type Database } from "@/db";
import { AppError } from "../app-error";
import { isUuid } from "../uuid";
import { noteOf } from "./logbook";

/** The picture of a note; `null` where there is none. */
export const notePhoto = async (database: Database, ownerId: string, outingId: string): Promise<Buffer | null> =>
  isUuid(outingId) ? readNotePhoto(database, ownerId, outingId) : null;

/** Keeps a picture with a note, or takes it away. @throws {AppError} `not-found` where there is no outing, or no note */
export async function saveNotePhoto(
  database: Database,
  ownerId: string,
  outingId: string,
  jpeg: Buffer | null,
): Promise<{ id: string }> {
  if (!(await noteOf(database, ownerId, outingId))) throw new AppError("not-found", m.logbookNoNote);
  await keepNotePhoto(database, ownerId, outingId, jpeg);
  return { id: outingId };
}
