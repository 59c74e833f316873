import { createHash } from "node:crypto";
import { MODEL_VERSION } from "@/core/outing";
import { inTransaction, lockParty, oneSnapshot, readOuting, storeVerdict, type Database, type OutingRows } from "@/db";
import type { OutingFigures } from "@/formats/wire/evening/field-card";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { asOwner } from "../access";
import { Background } from "../background";
import { learntUpToDate } from "../logbook/learn";
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

/** An outing by all that its person's notes teach: what is still to be learnt is waited for. */
async function viewAsLearnt(database: Database, ownerId: string, outingId: string): Promise<OutingView> {
  const open = () => oneSnapshot(database, (transaction) => openOuting(transaction, ownerId, outingId));
  const view = await open();
  if (!view.person.notes?.isLearning) return view;
  await learntUpToDate(database, ownerId, view.person.id);
  return open();
}

/**
 * Judges an outing as it is now and keeps what comes out.
 * @throws {AppError} `not-found`
 */
export async function judgeNow(database: Database, ownerId: string, outingId: string): Promise<OutingFigures | null> {
  // For the owner, whoever asked: a guest sees less than the figures follow from.
  const view = await asOwner(ownerId, () => viewAsLearnt(database, ownerId, outingId));
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

/**
 * Keeps with a copy the verdict of the outing it is a copy of, if it is of the very same figures.
 * @returns whether it is: else the copy has to be judged
 */
export const takeVerdictOver = (database: Database, ownerId: string, fromId: string, toId: string): Promise<boolean> =>
  inTransaction(database, async (transaction) => {
    const [from, to] = [await readOuting(transaction, ownerId, fromId), await readOuting(transaction, ownerId, toId)];
    if (!from || !to || !holdsFor(from.outing, toView(to))) return false;
    const { verdict, card } = from.outing;
    const inputHash = from.outing.verdictInputHash!;
    await storeVerdict(transaction, ownerId, toId, { verdict, card, modelVersion: MODEL_VERSION, inputHash });
    return true;
  });

/** So many are read and judged at once in the background: thousands that are restored leave the database to who asks for a page. */
const AT_ONCE = 2;

const background = new Background(AT_ONCE, "a verdict is left for later");

/** Has an outing judged in the background, once however often it is asked for. What fails is asked for again when next looked at. */
export function recompute(database: Database, ownerId: string, outingId: string): void {
  void background.ask(database, `${ownerId} ${outingId}`, () => judgeNow(database, ownerId, outingId));
}

/** Resolves when nothing is being judged in the background: for tests and for a clean stop. */
export const recomputed = (): Promise<void> => background.quiet();
