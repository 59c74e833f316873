import { and, eq } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing } from "../schema";

/** Runs work on what was told to calendars of an outing so far, and keeps what is told now; one at a time. */
export async function tellCalendars<Told extends { readonly keys: readonly string[] }>(
  transaction: Connection,
  ownerId: string,
  outingId: string,
  work: (before: readonly string[]) => Told,
): Promise<Told> {
  const own = and(eq(outing.ownerId, ownerId), eq(outing.id, outingId));
  const [row] = await transaction.select({ keys: outing.calendarKeys }).from(outing).where(own).for("update");
  const told = work(row?.keys ?? []);
  await transaction
    .update(outing)
    .set({ calendarKeys: [...told.keys] })
    .where(own);
  return told;
}
