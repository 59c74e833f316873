import { and, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import type { person, piece, place } from "../schema";
import type { trip } from "../trip-schema";
import type { Replaced } from "./replace-outing";

/** Tables whose rows are edited as a whole, one page at a time. */
type Edited = typeof person | typeof place | typeof piece | typeof trip;

/** Raises a row's version, with what is new in it, if it is still at the version the writer saw. */
export async function raiseVersion<Table extends Edited>(
  transaction: Connection,
  edited: Table,
  ownerId: string,
  id: string,
  expectedVersion: number,
  content: Partial<Table["$inferSelect"]> = {},
): Promise<Replaced> {
  const table = edited as unknown as typeof person; // the columns used here are the same in all of them
  const own = and(eq(table.ownerId, ownerId), eq(table.id, id));
  const [raised] = await transaction
    .update(table)
    .set({ ...content, version: sql`${table.version} + 1`, updatedAt: sql`now()` })
    .where(and(own, eq(table.version, expectedVersion)))
    .returning({ version: table.version });
  if (raised) return { kind: "saved", version: raised.version };
  const [current] = await transaction.select({ version: table.version }).from(table).where(own);
  return current ? { kind: "conflict", version: current.version } : { kind: "missing" };
}
