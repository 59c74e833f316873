import { createHash } from "node:crypto";
import pLimit from "p-limit";
import { MODEL_VERSION } from "@/core/outing";
import { inTransaction, lockParty, oneSnapshot, readOuting, storeVerdict, type Database, type OutingRows } from "@/db";
import type { OutingFigures } from "@/formats/wire/evening/field-card";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { log } from "../log";
import { judgeInThread } from "../threads/pool";
import { openOuting } from "./open-outing";
import { toView } from "./to-view";

/** Everything a verdict follows from, in one hash. */
const inputHash = (view: OutingView): string =>
  createHash("sha256")
    .update(JSON.stringify(viewToOuting(view)))
    .digest("hex");

type Kept = Pick<OutingRows["outing"], "verdictModelVersion" | "verdictInputHash">;

/** Whether a kept verdict could still hold: whoever changes a piece or a person takes the hash away. */
export const mayHold = ({ verdictModelVersion, verdictInputHash }: Kept): boolean =>
  verdictModelVersion === MODEL_VERSION && verdictInputHash !== null;

/** Whether a kept verdict is of this view. */
export const holdsFor = (kept: Kept, view: OutingView): boolean =>
  mayHold(kept) && kept.verdictInputHash === inputHash(view);

/**
 * Judges an outing as it is now and keeps what comes out.
 * @throws {AppError} `not-found`
 */
export async function judgeNow(database: Database, ownerId: string, outingId: string): Promise<OutingFigures | null> {
  const view = await oneSnapshot(database, (transaction) => openOuting(transaction, ownerId, outingId));
  const figures = await judgeInThread(view);
  const judged = inputHash(view);
  await inTransaction(database, async (transaction) => {
    // What it follows from may have changed while it was computed: then it is not kept, and recomputed when next asked.
    await lockParty(transaction, ownerId, outingId);
    const rows = await readOuting(transaction, ownerId, outingId);
    if (!rows || inputHash(toView(rows)) !== judged) return;
    const { verdict, ...card } = figures ?? { verdict: null };
    await storeVerdict(transaction, ownerId, outingId, {
      verdict,
      card: "sit" in card ? card : null,
      modelVersion: MODEL_VERSION,
      inputHash: judged,
    });
  });
  return figures;
}

/** So many are read and judged at once in the background: thousands that are restored leave the database to who asks for a page. */
const AT_ONCE = 2;
const inTurn = pLimit(AT_ONCE);

type Wanted = { isAskedAgain: boolean };
/** What is being judged of each database, by owner and outing. */
const underWay = new WeakMap<Database, Map<string, Wanted>>();
const ends = new Set<Promise<void>>();

async function judgeUntilQuiet(database: Database, ownerId: string, outingId: string, wanted: Wanted): Promise<void> {
  do {
    wanted.isAskedAgain = false;
    await inTurn(() => judgeNow(database, ownerId, outingId));
  } while (wanted.isAskedAgain);
}

/** Has an outing judged in the background, once however often it is asked for. What fails is asked for again when next looked at. */
export function recompute(database: Database, ownerId: string, outingId: string): void {
  const key = `${ownerId} ${outingId}`;
  const ofDatabase = underWay.get(database) ?? new Map<string, Wanted>();
  underWay.set(database, ofDatabase);
  const before = ofDatabase.get(key);
  if (before) {
    before.isAskedAgain = true;
    return;
  }
  const wanted: Wanted = { isAskedAgain: false };
  ofDatabase.set(key, wanted);
  const end = judgeUntilQuiet(database, ownerId, outingId, wanted)
    .catch((error: unknown) => log.warn({ err: error, outing: outingId }, "a verdict is left for later"))
    .finally(() => {
      ofDatabase.delete(key);
      ends.delete(end);
    });
  ends.add(end);
}

/** Resolves when nothing is being judged in the background: for tests and for a clean stop. */
export async function recomputed(): Promise<void> {
  while (ends.size > 0) await Promise.all(ends);
}
