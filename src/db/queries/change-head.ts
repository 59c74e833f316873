import { and, eq, sql } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing, sheetCommand } from "../schema";
import type { OutingHead } from "./replace-outing";

/** Changes an outing's head; its verdict no longer holds, and who has it open is told of a newer state. */
export const changeHead = async (
  connection: Connection,
  ownerId: string,
  outingId: string,
  head: OutingHead & Partial<Pick<typeof outing.$inferInsert, "name" | "startsAt" | "personId" | "placeId">>,
): Promise<void> => {
  await connection
    .update(outing)
    .set({
      ...head,
      version: sql`${outing.version} + 1`,
      lastSave: null,
      verdictInputHash: null,
      updatedAt: sql`now()`,
    })
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId)));
};

/** Forgets what was done to a sheet: what it was done to is no longer there. */
export const forgetCommands = async (connection: Connection, ownerId: string, outingId: string): Promise<void> => {
  await connection
    .delete(sheetCommand)
    .where(and(eq(sheetCommand.ownerId, ownerId), eq(sheetCommand.outingId, outingId)));
  await connection
    .update(outing)
    .set({ commandsDone: 0 })
    .where(and(eq(outing.ownerId, ownerId), eq(outing.id, outingId)));
};
