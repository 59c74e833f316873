import { inTransaction, tellCalendars, type Database } from "@/db";
import { outingCalendar } from "@/formats/calendar/outing-calendar";
import { fieldCardOf } from "./field-card";

/**
 * An outing as a calendar file; what earlier files told and is no longer planned is cancelled in it.
 * @throws {AppError} `not-found`, `bad-input` where the plan cannot be computed
 */
export async function calendarOf(
  database: Database,
  ownerId: string,
  outingId: string,
): Promise<{ readonly name: string; readonly text: string }> {
  const card = await fieldCardOf(database, ownerId, outingId);
  const { text } = await inTransaction(database, (transaction) =>
    tellCalendars(transaction, ownerId, outingId, (before) => outingCalendar(card, new Date(), before)),
  );
  return { name: card.view.name, text };
}
