import { wasDressed } from "@/core/logbook";
import { MODEL_VERSION } from "@/core/outing";
import { keepToday, readNote, type Database } from "@/db";
import { Background } from "../background";
import { readOutingFile } from "../stored/stored-logbook";
import { wornInFile } from "./worn-in-file";
import { judgeFileInThread } from "../threads/pool";

/** One at a time: years that were brought in leave the processors to who asks for a page. */
const background = new Background(1, "what the model says of a past sit today is left for later");

async function restateNow(database: Database, ownerId: string, outingId: string): Promise<void> {
  const note = await readNote(database, ownerId, outingId);
  if (!note || note.todayModelVersion === MODEL_VERSION) return;
  const file = readOutingFile(note.file, outingId);
  const figures = wasDressed(wornInFile(file)) ? await judgeFileInThread(file) : null;
  await keepToday(database, ownerId, outingId, {
    todayVerdict: figures?.verdict ?? null,
    todayModelVersion: MODEL_VERSION,
  });
}

/** Has the newest model asked of a past sit as it was, in the background. */
export const restate = (database: Database, ownerId: string, outingId: string): void =>
  void background.ask(database, `${ownerId} ${outingId}`, () => restateNow(database, ownerId, outingId));

/** Resolves when nothing is being restated: for tests and for a clean stop. */
export const restated = (): Promise<void> => background.quiet();
