import { and, eq, inArray, isNull, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { logbookNote, personLearnt } from "../logbook-schema";
import { outing } from "../schema";
import { clearVerdictsOfPerson } from "./verdict";

/** Notes of a person there are now, and what was learnt when it was last learnt. */
export type LearntRow = {
  readonly notes: number;
  /** Names these notes: another note, or one told again, makes another. */
  readonly stamp: string;
  readonly kept: typeof personLearnt.$inferSelect | null;
};

/** What is kept of people's notes, by person; who told of nothing is not there. */
export async function readLearnt(
  connection: Connection,
  ownerId: string,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, LearntRow>> {
  if (personIds.length === 0) return new Map();
  const told = await connection
    .select({
      personId: outing.personId,
      notes: sql<number>`count(*)::int`,
      stamp: sql<string>`md5(string_agg(${outing.id}::text || ${logbookNote.updatedAt}::text, ',' order by ${outing.startsAt} desc, ${outing.id}))`,
    })
    .from(logbookNote)
    .innerJoin(outing, and(eq(outing.ownerId, logbookNote.ownerId), eq(outing.id, logbookNote.outingId)))
    .where(and(eq(logbookNote.ownerId, ownerId), inArray(outing.personId, [...personIds]), isNull(outing.removedAt)))
    .groupBy(outing.personId);
  if (told.length === 0) return new Map();
  const rows = await connection
    .select()
    .from(personLearnt)
    .where(
      and(
        eq(personLearnt.ownerId, ownerId),
        inArray(
          personLearnt.personId,
          told.map(({ personId }) => personId),
        ),
      ),
    );
  return new Map(
    told.map(({ personId, notes, stamp }) => [
      personId,
      { notes, stamp, kept: rows.find((row) => row.personId === personId) ?? null },
    ]),
  );
}

/** Keeps what was learnt of a person; verdicts of their outings no longer hold. */
export async function keepLearnt(
  transaction: Connection,
  row: Omit<typeof personLearnt.$inferSelect, "updatedAt">,
): Promise<void> {
  const { learnt, stamp, modelVersion } = row;
  await transaction
    .insert(personLearnt)
    .values(row)
    .onConflictDoUpdate({
      target: [personLearnt.ownerId, personLearnt.personId],
      set: { learnt, stamp, modelVersion, updatedAt: sql`now()` },
    });
  await clearVerdictsOfPerson(transaction, row.ownerId, row.personId);
}
