import { and, asc, desc, eq, isNull, lte } from "drizzle-orm";
import type { Connection } from "../connect";
import { outing } from "../schema";
import { trip, tripDay, tripPast } from "../trip-schema";
import { raiseVersion } from "./raise-version";
import type { Replaced } from "./replace-outing";

export type TripRow = typeof trip.$inferSelect;
export type TripDayRow = Pick<typeof tripDay.$inferSelect, "outingId" | "night">;

type TripHead = Pick<TripRow, "id" | "name" | "content">;

const isTrip = (ownerId: string, id: string) => and(eq(trip.ownerId, ownerId), eq(trip.id, id));

/** Every trip of an owner with its days in their order; days of removed outings are not there. */
export const listTrips = (connection: Connection, ownerId: string) =>
  connection
    .select({
      id: trip.id,
      name: trip.name,
      version: trip.version,
      content: trip.content,
      outingId: outing.id,
      startsAt: outing.startsAt,
      night: tripDay.night,
    })
    .from(trip)
    .leftJoin(tripDay, and(eq(tripDay.ownerId, trip.ownerId), eq(tripDay.tripId, trip.id)))
    .leftJoin(
      outing,
      and(eq(outing.ownerId, tripDay.ownerId), eq(outing.id, tripDay.outingId), isNull(outing.removedAt)),
    )
    .where(eq(trip.ownerId, ownerId))
    .orderBy(asc(trip.createdAt), asc(outing.startsAt), asc(outing.id));

/** Every trip as it is kept, also days of removed outings. */
export async function readTripsWhole(
  connection: Connection,
  ownerId: string,
): Promise<(TripHead & { readonly days: readonly TripDayRow[] })[]> {
  const trips = await connection.select().from(trip).where(eq(trip.ownerId, ownerId)).orderBy(asc(trip.id));
  const days = await connection
    .select()
    .from(tripDay)
    .where(eq(tripDay.ownerId, ownerId))
    .orderBy(asc(tripDay.outingId));
  return trips.map(({ id, name, content }) => ({
    id,
    name,
    content,
    days: days.filter(({ tripId }) => tripId === id).map(({ outingId, night }) => ({ outingId, night })),
  }));
}

/** Makes a trip unless there is one of that id: that one stays as it is. */
export async function addTrip(
  transaction: Connection,
  ownerId: string,
  { id, name, content, days }: TripHead & { readonly days: readonly TripDayRow[] },
): Promise<void> {
  const made = await transaction.insert(trip).values({ id, name, content, ownerId }).onConflictDoNothing().returning();
  if (made.length > 0) await writeDays(transaction, ownerId, id, days);
}

async function writeDays(
  transaction: Connection,
  ownerId: string,
  tripId: string,
  days: readonly TripDayRow[],
): Promise<void> {
  await transaction.delete(tripDay).where(and(eq(tripDay.ownerId, ownerId), eq(tripDay.tripId, tripId)));
  if (days.length > 0) await transaction.insert(tripDay).values(days.map((day) => ({ ...day, ownerId, tripId })));
}

export async function createTrip(
  transaction: Connection,
  ownerId: string,
  row: Pick<TripRow, "id" | "name"> & Partial<Pick<TripRow, "content">>,
  days: readonly TripDayRow[],
): Promise<void> {
  await transaction.insert(trip).values({ ...row, ownerId });
  await writeDays(transaction, ownerId, row.id, days);
}

/** So many earlier states of a trip are kept. */
const MOST_PAST = 100;

/** Keeps a trip as it is now, before it is replaced. */
async function rememberTrip(transaction: Connection, ownerId: string, tripId: string, version: number): Promise<void> {
  const [now] = await transaction.select().from(trip).where(isTrip(ownerId, tripId));
  if (now?.version !== version) return; // it will not be replaced
  const days = await transaction
    .select({ outingId: tripDay.outingId, night: tripDay.night })
    .from(tripDay)
    .where(and(eq(tripDay.ownerId, ownerId), eq(tripDay.tripId, tripId)));
  const { name, content, updatedAt: savedAt } = now;
  // Two who save at once remember the same.
  await transaction
    .insert(tripPast)
    .values({ ownerId, tripId, version, name, content, days, savedAt })
    .onConflictDoNothing();
  await transaction
    .delete(tripPast)
    .where(and(eq(tripPast.ownerId, ownerId), eq(tripPast.tripId, tripId), lte(tripPast.version, version - MOST_PAST)));
}

/** Earlier states of a trip, the newest first. */
export const readTripPast = (connection: Connection, ownerId: string, tripId: string) =>
  connection
    .select()
    .from(tripPast)
    .where(and(eq(tripPast.ownerId, ownerId), eq(tripPast.tripId, tripId)))
    .orderBy(desc(tripPast.version));

/** Replaces a trip's name, days and what is said of it as a whole, if it is still at the version the writer saw. */
export async function replaceTrip(
  transaction: Connection,
  ownerId: string,
  tripId: string,
  expectedVersion: number,
  changed: Pick<TripRow, "name"> & Partial<Pick<TripRow, "content">>,
  days: readonly TripDayRow[],
): Promise<Replaced> {
  await rememberTrip(transaction, ownerId, tripId, expectedVersion);
  const replaced = await raiseVersion(transaction, trip, ownerId, tripId, expectedVersion, changed);
  if (replaced.kind === "saved") await writeDays(transaction, ownerId, tripId, days);
  return replaced;
}

/** The outings stay. @returns whether it was there */
export async function deleteTrip(connection: Connection, ownerId: string, tripId: string): Promise<boolean> {
  const gone = await connection.delete(trip).where(isTrip(ownerId, tripId)).returning({ id: trip.id });
  return gone.length > 0;
}
