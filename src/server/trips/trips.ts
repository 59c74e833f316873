import * as m from "@/messages";
import {
  createTrip,
  deleteTrip,
  inTransaction,
  listTrips,
  readTripPast,
  replaceTrip,
  type Database,
  type TripDayRow,
} from "@/db";
import { tripContentSchema } from "@/formats/trip/content-schema";
import { nightSchema } from "@/formats/trip/night-schema";
import type { NewTrip, SavedTrip } from "@/formats/wire/trips/trip-schema";
import type { TripLine, TripPast, TripView } from "@/formats/wire/trips/trip-view";
import { currentGuest } from "../access";
import { AppError } from "../app-error";
import { openOuting } from "../outings/open-outing";
import type { Forecasts } from "../ports/forecasts";
import { savedOrRefused } from "../saved-or-refused";
import { reader } from "../stored/stored";
import { isUuid } from "../uuid";
import { repeatedOutings } from "./repeated-outings";

const readNight = reader(m.tripNight, nightSchema);
const readContent = reader(m.tripWhole, tripContentSchema);

type Row = Awaited<ReturnType<typeof listTrips>>[number];

function byTrip(rows: readonly Row[]): ReadonlyMap<string, readonly Row[]> {
  const trips = new Map<string, Row[]>();
  for (const row of rows) trips.set(row.id, [...(trips.get(row.id) ?? []), row]);
  return trips;
}

/** Every trip of an owner. */
export async function tripLines(database: Database, ownerId: string): Promise<TripLine[]> {
  return [...byTrip(await listTrips(database, ownerId)).values()].map((rows): TripLine => {
    const days = rows.filter(({ outingId }) => outingId !== null);
    const [first] = rows as [Row];
    return { id: first.id, name: first.name, days: days.length, startsAt: days[0]?.startsAt?.toISOString() ?? null };
  });
}

/** A trip with its outings as they are now. @throws {AppError} `not-found` */
export async function openTrip(database: Database, ownerId: string, tripId: string): Promise<TripView> {
  const rows = isUuid(tripId) ? byTrip(await listTrips(database, ownerId)).get(tripId) : undefined;
  if (!rows) throw new AppError("not-found", m.tripIsNotThere);
  const [{ id, name, version, content }] = rows as [Row];
  const days = rows.flatMap(({ outingId, night }) =>
    outingId !== null && night !== null ? [{ outingId, night }] : [],
  );
  return {
    id,
    name,
    version,
    content: readContent(content, name),
    days: await Promise.all(
      days.map(async ({ outingId, night }) => ({
        outing: await openOuting(database, ownerId, outingId),
        night: readNight(night, name),
      })),
    ),
  };
}

/** Earlier states of a trip, the newest first. @throws {AppError} `not-found` */
export async function pastOfTrip(database: Database, ownerId: string, tripId: string): Promise<TripPast[]> {
  const { name } = await openTrip(database, ownerId, tripId);
  return (await readTripPast(database, ownerId, tripId)).map((row) => ({
    version: row.version,
    savedAt: row.savedAt.toISOString(),
    name: row.name,
    content: readContent(row.content, name),
    days: row.days.map(({ outingId, night }) => ({ outingId, night: readNight(night, name) })),
  }));
}

/** @throws {AppError} `bad-input` where an outing is not there */
async function refuseUnknown(database: Database, ownerId: string, days: readonly TripDayRow[]): Promise<void> {
  for (const { outingId } of days) {
    try {
      await openOuting(database, ownerId, outingId);
    } catch (error) {
      if (!(error instanceof AppError) || error.code !== "not-found") throw error;
      throw new AppError("bad-input", error.message, { problems: [{ path: "days", reason: m.isNotKnown }] });
    }
  }
}

/** A guest edits the days there are, or were; other outings of the owner are nothing to them. @throws {AppError} `bad-input` */
async function refuseOtherDays(
  database: Database,
  ownerId: string,
  tripId: string,
  days: readonly TripDayRow[],
): Promise<void> {
  const now = await openTrip(database, ownerId, tripId);
  const past = await readTripPast(database, ownerId, tripId);
  const known = new Set([
    ...now.days.map(({ outing }) => outing.id),
    ...past.flatMap((state) => state.days.map(({ outingId }) => outingId)),
  ]);
  if (days.some(({ outingId }) => !known.has(outingId)))
    throw new AppError("bad-input", m.thereIsNoSuchOutingIt, { problems: [{ path: "days", reason: m.isNotKnown }] });
}

/** Makes a trip; one of that id that is there stays as it is: the answer may have been lost. @throws {AppError} `bad-input`, `not-found` */
export async function makeTrip(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  wanted: NewTrip,
): Promise<{ id: string }> {
  if (byTrip(await listTrips(database, ownerId)).has(wanted.id)) return { id: wanted.id };
  const days: TripDayRow[] =
    wanted.from === "outings"
      ? wanted.days
      : (await repeatedOutings(database, forecasts, ownerId, wanted)).map((outingId) => ({
          outingId,
          night: wanted.night,
        }));
  await refuseUnknown(database, ownerId, days);
  const { id, name } = wanted;
  await inTransaction(database, (transaction) => createTrip(transaction, ownerId, { id, name }, days));
  return { id };
}

/** Keeps a trip as it was edited. @throws {AppError} `bad-input`, `not-found`, `version-conflict` */
export async function saveTrip(
  database: Database,
  ownerId: string,
  tripId: string,
  { version, name, days, content }: SavedTrip,
): Promise<{ version: number }> {
  await openTrip(database, ownerId, tripId);
  if (currentGuest()) await refuseOtherDays(database, ownerId, tripId, days);
  await refuseUnknown(database, ownerId, days);
  return savedOrRefused("trip", tripId, () =>
    inTransaction(database, (transaction) =>
      replaceTrip(transaction, ownerId, tripId, version, { name, ...(content && { content }) }, days),
    ),
  );
}

/** Takes a trip apart; its outings stay. @throws {AppError} `not-found` */
export async function removeTrip(database: Database, ownerId: string, tripId: string): Promise<{ id: string }> {
  if (!isUuid(tripId) || !(await deleteTrip(database, ownerId, tripId)))
    throw new AppError("not-found", m.tripIsNotThere);
  return { id: tripId };
}
