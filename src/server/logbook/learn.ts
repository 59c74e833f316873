import { MODEL_VERSION } from "@/core/outing";
import { inTransaction, keepLearnt, readLearnt, type Database } from "@/db";
import { Background } from "../background";
import { learnInThread } from "../threads/pool";
import { isCurrent } from "../people/notes-view";
import { toldSitsOf } from "./told-sits";

/** One at a time: each takes seconds of a processor. */

const background = new Background(1, "notes are left to be learnt from later");

async function learnNow(database: Database, ownerId: string, personId: string): Promise<void> {
  const rowNow = async () => (await readLearnt(database, ownerId, [personId])).get(personId);
  const row = await rowNow();
  if (!row || isCurrent(row)) return;
  const learnt = await learnInThread(await toldSitsOf(database, ownerId, personId));
  const { stamp } = row;
  // Told again meanwhile: it is asked for again as soon as somebody looks.
  if ((await rowNow())?.stamp !== stamp) return;
  await inTransaction(database, (transaction) =>
    keepLearnt(transaction, { ownerId, personId, learnt, stamp, modelVersion: MODEL_VERSION }),
  );
}

/** Has a person's notes learnt from in the background, if that is not done. @returns resolves when it is done or has failed */
export const learntUpToDate = (database: Database, ownerId: string, personId: string): Promise<void> =>
  background.ask(database, `${ownerId} ${personId}`, () => learnNow(database, ownerId, personId));

/** Resolves when nothing is being learnt: for tests and for a clean stop. */
export const learntQuiet = (): Promise<void> => background.quiet();
