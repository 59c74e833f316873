import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { MS_PER_DAY } from "@/core/units";
import { createTrip, deleteTrip, inTransaction, listTrips, replaceTrip, type Database, type TripDayRow } from "@/db";
import { nightSchema } from "@/formats/trip/night-schema";
import type { NewTrip, SavedTrip } from "@/formats/wire/trips/trip-schema";
import type { TripLine, TripView } from "@/formats/wire/trips/trip-view";
import { AppError } from "../app-error";
import { makeOuting } from "../outings/make-outing";
import { openOuting } from "../outings/open-outing";
import type { Forecasts } from "../ports/forecasts";
import { savedOrRefused } from "../saved-or-refused";
import { reader } from "../stored/stored";
import { isUuid } from "../uuid";

const readNight = reader(m.tripNight, nightSchema);

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
  const [{ id, name, version }] = rows as [Row];
  const days = rows.flatMap(({ outingId, night }) =>
    outingId !== null && night !== null ? [{ outingId, night }] : [],
  );
  return {
    id,
    name,
    version,
    days: await Promise.all(
      days.map(async ({ outingId, night }) => ({
        outing: await openOuting(database, ownerId, outingId),
        night: readNight(night, name),
      })),
    ),
  };
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

/** One outing again and again, a day later each time. @returns ids of all, the first as it is */
async function repeated(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  { outingId, days }: Extract<NewTrip, { from: "repeated" }>,
): Promise<string[]> {
  const first = await openOuting(database, ownerId, outingId);
  const ids = [outingId];
  for (let day = 1; day < days; day++) {
    const id = uuid();
    const startsAt = new Date(Date.parse(first.startsAt) + day * MS_PER_DAY).toISOString();
    const name = m.tripDayOf({ name: first.name, day: day + 1 });
    await makeOuting(database, forecasts, ownerId, { from: "outing", id, copyOf: outingId, name, startsAt });
    ids.push(id);
  }
  return ids;
}

/** Makes a trip. @throws {AppError} `bad-input`, `not-found` */
export async function makeTrip(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  wanted: NewTrip,
): Promise<{ id: string }> {
  const days: TripDayRow[] =
    wanted.from === "outings"
      ? wanted.days
      : (await repeated(database, forecasts, ownerId, wanted)).map((outingId) => ({ outingId, night: wanted.night }));
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
  { version, name, days }: SavedTrip,
): Promise<{ version: number }> {
  await openTrip(database, ownerId, tripId);
  await refuseUnknown(database, ownerId, days);
  return savedOrRefused("trip", tripId, () =>
    inTransaction(database, (transaction) => replaceTrip(transaction, ownerId, tripId, version, name, days)),
  );
}

/** Takes a trip apart; its outings stay. @throws {AppError} `not-found` */
export async function removeTrip(database: Database, ownerId: string, tripId: string): Promise<{ id: string }> {
  if (!isUuid(tripId) || !(await deleteTrip(database, ownerId, tripId)))
    throw new AppError("not-found", m.tripIsNotThere);
  return { id: tripId };
}
