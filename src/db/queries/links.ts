import { and, asc, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { outingLink } from "../link-schema";

export type LinkRow = typeof outingLink.$inferSelect;

export const readLinks = (connection: Connection, ownerId: string, outingId: string) =>
  connection
    .select()
    .from(outingLink)
    .where(and(eq(outingLink.ownerId, ownerId), eq(outingLink.outingId, outingId)))
    .orderBy(asc(outingLink.createdAt));

export const addLink = (connection: Connection, row: Omit<LinkRow, "createdAt">) =>
  connection.insert(outingLink).values(row);

/** @returns whether it was there */
export async function deleteLink(
  connection: Connection,
  ownerId: string,
  outingId: string,
  id: string,
): Promise<boolean> {
  const own = and(eq(outingLink.ownerId, ownerId), eq(outingLink.outingId, outingId), eq(outingLink.id, id));
  return (await connection.delete(outingLink).where(own).returning({ id: outingLink.id })).length > 0;
}

export type LinkFound = Pick<LinkRow, "ownerId" | "outingId" | "kind" | "tellsPlace">;

/** What a secret address shows, asked by somebody who is no owner; `null`: nothing, or no more. */
export async function linkOfToken(connection: Connection, tokenHash: string): Promise<LinkFound | null> {
  const found = await connection.execute<LinkFound>(
    sql`select owner_id as "ownerId", outing_id as "outingId", kind, tells_place as "tellsPlace" from link_of_token(${tokenHash})`,
  );
  return [...found][0] ?? null;
}
