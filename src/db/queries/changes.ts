import { eq } from "drizzle-orm";
import type { Connection } from "../connect";
import { owner } from "../schema";

/** A number that rises with every transaction that changes something of an owner's; 0 for nobody. */
export async function readChanges(connection: Connection, ownerId: string): Promise<number> {
  const [row] = await connection.select({ changes: owner.changes }).from(owner).where(eq(owner.id, ownerId));
  return row?.changes ?? 0;
}
