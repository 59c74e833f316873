import { and, asc, eq, inArray, isNull, ne, or, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing } from "../schema";
import { changeHead } from "./change-head";
import { insertContent, type OutingContent, type OutingHead } from "./replace-outing";

/** Outings of the others in a party. */
export async function othersInParty(
  connection: Connection,
  ownerId: string,
  partyId: string,
  outingId: string,
): Promise<string[]> {
  const rows = await connection
    .select({ id: outing.id })
    .from(outing)
    .where(
      and(eq(outing.ownerId, ownerId), eq(outing.partyId, partyId), ne(outing.id, outingId), isNull(outing.removedAt)),
    )
    .orderBy(asc(outing.createdAt));
  return rows.map(({ id }) => id);
}

/** An outing of whoever goes together, in this account or another's. */
export type AcrossParty = {
  readonly ownerId: string;
  readonly outingId: string;
  /** Place, hours and phases changed in the one asked for are changed in this one too. */
  readonly mayWrite: boolean;
};

/** Everybody's outings who go together with one of the owner of this connection, that one too. */
export const partyAcross = async (connection: Connection, outingId: string): Promise<readonly AcrossParty[]> => [
  ...(await connection.execute<AcrossParty>(
    sql`select owner_id as "ownerId", outing_id as "outingId", may_write as "mayWrite" from party_across(${outingId}::uuid)`,
  )),
];

/**
 * Holds an outing and the others of its party until the transaction ends, always in the same order: two sitters who save at
 * once wait for each other instead of each for the other.
 */
export async function lockParty(connection: Connection, ownerId: string, outingId: string): Promise<void> {
  // Rows of other accounts cannot be held from here: whoever goes together has one lock instead, named by the first of them.
  await connection.execute(
    sql`select pg_advisory_xact_lock(hashtextextended(min(outing_id::text), 0)) from party_across(${outingId}::uuid)`,
  );
  const ofParty = connection
    .select({ id: outing.partyId })
    .from(outing)
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId)));
  await connection
    .select({ id: outing.id })
    .from(outing)
    .where(and(eq(outing.ownerId, ownerId), or(eq(outing.id, outingId), inArray(outing.partyId, ofParty))))
    .orderBy(asc(outing.id))
    .for("update");
}

/** Begins a party with an outing, unless it is in one. */
export const beginParty = async (connection: Connection, ownerId: string, outingId: string): Promise<void> => {
  await connection
    .update(outing)
    .set({ partyId: outingId })
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId), isNull(outing.partyId)));
};

/** Writes what somebody else in the party changed; who has it open is told of a newer state. */
export async function writeAlong(
  connection: Connection,
  ownerId: string,
  outingId: string,
  head: OutingHead,
  content: OutingContent,
): Promise<void> {
  await changeHead(connection, ownerId, outingId, head);
  await insertContent(connection, ownerId, outingId, content);
}
