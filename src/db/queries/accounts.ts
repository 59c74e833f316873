import { and, count, eq, gt, lt, sql } from "drizzle-orm";
import { v7 as uuid } from "uuid";
import { failedTry, invitation } from "../account-schema";
import type { Connection } from "../connect";
import { outing, outfit, owner, person, piece, place } from "../schema";
import { trip } from "../trip-schema";
import { job } from "../jobs-schema";

/** Sign-ins to an address that failed since then. */
export async function countFailedTries(connection: Connection, emailHash: string, since: Date): Promise<number> {
  const [row] = await connection
    .select({ tries: count() })
    .from(failedTry)
    .where(and(eq(failedTry.emailHash, emailHash), gt(failedTry.triedAt, since)));
  return row?.tries ?? 0;
}

/** Notes one that failed; what is older than that is of no more use. */
export async function addFailedTry(connection: Connection, emailHash: string, olderThan: Date): Promise<void> {
  await connection.delete(failedTry).where(lt(failedTry.triedAt, olderThan));
  await connection.insert(failedTry).values({ id: uuid(), emailHash });
}

export const forgetFailedTries = (connection: Connection, emailHash: string) =>
  connection.delete(failedTry).where(eq(failedTry.emailHash, emailHash));

export const addInvitation = (connection: Connection, codeHash: string, usesLeft: number, expiresAt: Date) =>
  connection.insert(invitation).values({ codeHash, usesLeft, expiresAt });

/** Uses an invitation once. @returns whether there was one left; two who come at once for the last do not both get it */
export async function takeInvitation(connection: Connection, codeHash: string): Promise<boolean> {
  const taken = await connection
    .update(invitation)
    .set({ usesLeft: sql`${invitation.usesLeft} - 1` })
    .where(and(eq(invitation.codeHash, codeHash), gt(invitation.usesLeft, 0), gt(invitation.expiresAt, sql`now()`)))
    .returning({ usesLeft: invitation.usesLeft });
  return taken.length > 0;
}

/** What was taken for an account that was not made after all. */
export const giveInvitationBack = (connection: Connection, codeHash: string) =>
  connection
    .update(invitation)
    .set({ usesLeft: sql`${invitation.usesLeft} + 1` })
    .where(eq(invitation.codeHash, codeHash));

/** Everything of the owner of this connection, what others share with them, and the owner; what hangs on these goes with them. */
export async function deleteOwner(transaction: Connection, ownerId: string): Promise<void> {
  await transaction.execute(sql`select leave_all_shares()`);
  for (const table of [job, trip, outing, outfit, piece, place, person])
    await transaction.delete(table).where(eq(table.ownerId, ownerId));
  await transaction.delete(owner).where(eq(owner.id, ownerId));
}

/** Whose sit it is that a logger's token opens; `null` for any other token. */
export async function ownerOfLiveSit(
  connection: Connection,
  outingId: string,
  tokenHash: string,
): Promise<string | null> {
  const found = await connection.execute<{ owner: string | null }>(
    sql`select owner_of_live_sit(${outingId}::uuid, ${tokenHash}) as owner`,
  );
  return [...found][0]?.owner ?? null;
}
