import { and, eq, inArray } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, wearing, type StoredCard, type StoredVerdict } from "../schema";

/** A verdict with the model and the input it was found by. */
export type FoundVerdict = {
  readonly verdict: StoredVerdict | null;
  readonly card: StoredCard | null;
  readonly modelVersion: string;
  readonly inputHash: string;
};

/** Keeps a verdict with an outing. */
export const storeVerdict = async (
  connection: Connection,
  ownerId: string,
  outingId: string,
  found: FoundVerdict,
): Promise<void> => {
  await connection
    .update(outing)
    .set({
      verdict: found.verdict,
      card: found.card,
      verdictModelVersion: found.modelVersion,
      verdictInputHash: found.inputHash,
    })
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId)));
};

/** The verdict stays to be shown, but counts as found from another input. */
const STALE = { verdictInputHash: null } as const;

/** Verdicts of the outings that wear these pieces no longer hold. */
export const clearVerdictsOfPieces = async (
  connection: Connection,
  ownerId: string,
  pieceIds: readonly string[],
): Promise<void> => {
  const wornIn = connection
    .select({ id: wearing.outingId })
    .from(wearing)
    .where(and(eq(wearing.ownerId, ownerId), inArray(wearing.pieceId, [...pieceIds])));
  await connection
    .update(outing)
    .set(STALE)
    .where(and(eq(outing.ownerId, ownerId), inArray(outing.id, wornIn)));
};

/** Verdicts of a person's outings no longer hold. */
export const clearVerdictsOfPerson = async (
  connection: Connection,
  ownerId: string,
  personId: string,
): Promise<void> => {
  await connection
    .update(outing)
    .set(STALE)
    .where(and(eq(outing.ownerId, ownerId), eq(outing.personId, personId)));
};
