import { count, eq } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, owner, person, piece, place } from "../schema";
import { insertContent, type OutingContent } from "./replace-outing";

type New<Table extends { $inferInsert: object }> = Omit<Table["$inferInsert"], "ownerId">;

/** Makes the owner unless there is one of that id. @returns whether it was made now */
export async function ensureOwner(connection: Connection, id: string, name: string): Promise<boolean> {
  const made = await connection.insert(owner).values({ id, name }).onConflictDoNothing().returning({ id: owner.id });
  return made.length > 0;
}

/** The owner of an account, with nothing yet. */
export const addOwner = async (connection: Connection, id: string): Promise<void> =>
  void (await ensureOwner(connection, id, "account"));

/** How many outings an owner has. */
export async function countOutings(connection: Connection, ownerId: string): Promise<number> {
  const [row] = await connection.select({ outings: count() }).from(outing).where(eq(outing.ownerId, ownerId));
  return row?.outings ?? 0;
}

export const createPerson = (connection: Connection, ownerId: string, row: New<typeof person>) =>
  connection.insert(person).values({ ...row, ownerId });

export const createPlace = (connection: Connection, ownerId: string, row: New<typeof place>) =>
  connection.insert(place).values({ ...row, ownerId });

export const createPieces = (connection: Connection, ownerId: string, rows: readonly New<typeof piece>[]) =>
  connection.insert(piece).values(rows.map((row) => ({ ...row, ownerId })));

export async function createOuting(
  connection: Connection,
  ownerId: string,
  row: New<typeof outing>,
  content: OutingContent,
): Promise<void> {
  await connection.insert(outing).values({ ...row, ownerId });
  await insertContent(connection, ownerId, row.id, content);
}
