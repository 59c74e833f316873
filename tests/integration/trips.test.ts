import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { APIContext } from "astro";
import { USUAL_NIGHT } from "@/core/trip";
import type { Backup } from "@/formats/backup/backup-schema";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { NO_TRIP_CONTENT } from "@/formats/trip/content-schema";
import type { TripLine, TripPast, TripView } from "@/formats/wire/trips/trip-view";
import { GET as listOutings, POST as makeOuting } from "@/pages/api/outings/index";
import { DELETE as removeTrip, GET as readTrip, PUT as saveTrip } from "@/pages/api/trips/[id]/index";
import { GET as exportTrip } from "@/pages/api/trips/[id]/export";
import { GET as readPast } from "@/pages/api/trips/[id]/past";
import { GET as listTrips, POST as makeTrip } from "@/pages/api/trips/index";
import { readTripsWhole } from "@/db";
import { LOCAL_OWNER_ID } from "@/server/access";
import { backupStream } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { DEMO_TRIP } from "@/server/demo/scenario";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

let fresh: FreshDatabase;
let outings: readonly OutingLine[];
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
  outings = (await (await call(listOutings, "GET")).json()) as OutingLine[];
});
afterAll(() => fresh.close());

const call = (handler: unknown, method: string, id?: string, body?: object): Promise<Response> =>
  (handler as (context: APIContext) => Promise<Response>)({
    request: new Request("http://127.0.0.1/api/trips", {
      method,
      ...(body && { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
    }),
    params: { id },
  } as unknown as APIContext);

const TRIP = "01900000-0000-7000-8000-0000000000e1";
const OTHER = "01900000-0000-7000-8000-0000000000e2";
const ALONG = "01900000-0000-7000-8000-0000000000e3";
const night = { ...USUAL_NIGHT.tent, how: {} };
const open = async (): Promise<TripView> => (await (await call(readTrip, "GET", TRIP)).json()) as TripView;

describe("a trip", () => {
  it("is one outing again from day to day, each an outing of its own", async () => {
    const [first] = outings as [OutingLine];
    const made = await call(makeTrip, "POST", undefined, {
      from: "repeated",
      id: TRIP,
      name: "Three days",
      outingId: first.id,
      days: 3,
      night,
    });
    expect(made.status).toBe(201);
    const trip = await open();
    expect(trip).toMatchObject({ id: TRIP, name: "Three days", version: 1 });
    const starts = trip.days.map(({ outing }) => Date.parse(outing.startsAt));
    expect(starts.map((start) => (start - starts[0]!) / 3_600_000)).toEqual([0, 24, 48]);
    expect(new Set(trip.days.map(({ outing }) => outing.id)).size).toBe(3);
    expect(trip.days.every((day) => day.night.kind === "tent")).toBe(true);
    const lines = (await (await call(listTrips, "GET")).json()) as TripLine[];
    const own = { id: TRIP, name: "Three days", days: 3, startsAt: first.startsAt };
    expect(lines.filter(({ name }) => name !== DEMO_TRIP.name)).toEqual([own]);
  });

  it("is saved under its version, and names what is not there", async () => {
    const { version, days } = await open();
    const own = days.map(({ outing, night: before }) => ({ outingId: outing.id, night: before }));
    const drier = own.map((day) => ({ ...day, night: { ...day.night, hasDrier: true } }));
    const content = {
      supplies: { packs: { [TRIP]: 6 }, powerBankWh: 20 },
      bag: { mostKg: 12, mostL: null, mostPieces: null, countsWorn: true },
    };
    const save = (body: object): Promise<Response> => call(saveTrip, "PUT", TRIP, body);
    expect((await save({ version, name: "Drier", days: drier, content })).status).toBe(200);
    expect((await save({ version, name: "Late", days: own })).status).toBe(409);
    const kept = await open();
    expect(kept.days[0]!.night.hasDrier).toBe(true);
    expect(kept.content).toEqual(content);
    const unknown = { ...own[0]!, outingId: "01900000-0000-7000-8000-0000000000ff" };
    expect((await save({ version: version + 1, name: "Drier", days: [unknown] })).status).toBe(400);
    const cold = { ...own[0]!, night: { ...night, fireHours: 99 } };
    expect((await save({ version: version + 1, name: "Drier", days: [cold] })).status).toBe(400);
    const heavy = { ...content, bag: { ...content.bag, mostKg: -1 } };
    expect((await save({ version: version + 1, name: "Drier", days: own, content: heavy })).status).toBe(400);
  });

  it("remembers what it was before each save, the newest first", async () => {
    const past = (await (await call(readPast, "GET", TRIP)).json()) as TripPast[];
    expect(past.map(({ version }) => version)).toEqual([1]);
    expect(past[0]).toMatchObject({ name: "Three days", content: NO_TRIP_CONTENT });
    expect(past[0]!.days.map((day) => day.night.hasDrier)).toEqual([false, false, false]);
    expect((await call(readPast, "GET", ALONG)).status).toBe(404);
  });

  it("is exported with its outings, which tell no place that is not ticked", async () => {
    const file = (await (await call(exportTrip, "GET", TRIP)).json()) as Backup;
    expect(file.trips).toHaveLength(1);
    expect(file.outings.map(({ id }) => id).sort()).toEqual((await open()).days.map(({ outing }) => outing.id).sort());
    expect(file.places.every(({ setting }) => setting.latitudeDeg === undefined)).toBe(true);
    const other = await freshDatabase();
    expect(await restoreBackup(other.database, LOCAL_OWNER_ID, file, Date.now())).toMatchObject({ kind: "restored" });
    expect((await readTripsWhole(other.database, LOCAL_OWNER_ID)).map(({ id }) => id)).toEqual([TRIP]);
    await other.close();
    expect((await call(exportTrip, "GET", OTHER)).status).toBe(404);
  });

  it("is made once, however often it is asked for; twice a day from another date", async () => {
    const [first] = outings as [OutingLine];
    const wanted = { from: "repeated", id: OTHER, name: "Mornings and evenings", outingId: first.id, days: 2, night };
    const asked = { ...wanted, startsAt: "2027-04-02T03:00:00Z", againAfterHours: 12 };
    for (let turn = 0; turn < 2; turn++) expect((await call(makeTrip, "POST", undefined, asked)).status).toBe(201);
    const { days } = (await (await call(readTrip, "GET", OTHER)).json()) as TripView;
    expect(days.map(({ outing }) => new Date(outing.startsAt).toISOString())).toEqual([
      "2027-04-02T03:00:00.000Z",
      "2027-04-02T15:00:00.000Z",
      "2027-04-03T03:00:00.000Z",
      "2027-04-03T15:00:00.000Z",
    ]);
    expect((await call(makeTrip, "POST", undefined, { ...asked, id: first.id, againAfterHours: 1 })).status).toBe(400);
    expect((await call(removeTrip, "DELETE", OTHER)).status).toBe(200);
  });

  it("takes everybody along who goes on the outing, each day by its forecast", async () => {
    const [first] = outings as [OutingLine];
    const other = outings.find(({ personId }) => personId !== first.personId)!;
    const along = { from: "party", id: ALONG, besides: first.id, person: { kind: "known", id: other.personId } };
    expect((await call(makeOuting, "POST", undefined, along)).status).toBe(201);
    const asked = { from: "repeated", id: OTHER, name: "Two", outingId: first.id, days: 2, byForecast: true, night };
    expect((await call(makeTrip, "POST", undefined, asked)).status).toBe(201);
    const { days } = (await (await call(readTrip, "GET", OTHER)).json()) as TripView;
    expect(days).toHaveLength(4);
    expect(new Set(days.map(({ outing }) => outing.person.id)).size).toBe(2);
    const [one, two, three] = days.map(({ outing }) => outing);
    expect(one!.plan.forecast).toBeUndefined(); // the outing itself stays as it is
    expect(three!.plan.forecast).toMatchObject({ invented: true });
    const firstHourMs = (view: typeof three): number => Date.parse(view!.weather[0]!.at);
    expect(firstHourMs(three)).toBeLessThanOrEqual(Date.parse(three!.startsAt));
    expect(Date.parse(three!.startsAt) - firstHourMs(three)).toBeLessThan(3_600_000);
    expect(two!.startsAt).toBe(one!.startsAt);
    expect((await call(removeTrip, "DELETE", OTHER)).status).toBe(200);
  });

  it("goes along in a backup, and stays as it is where it is already", async () => {
    const whole: unknown = JSON.parse(
      await new Response(backupStream(fresh.database, LOCAL_OWNER_ID, new Date())).text(),
    );
    const other = await freshDatabase();
    for (let twice = 0; twice < 2; twice++)
      expect(await restoreBackup(other.database, LOCAL_OWNER_ID, whole, Date.now())).toMatchObject({
        kind: "restored",
      });
    expect(await readTripsWhole(other.database, LOCAL_OWNER_ID)).toEqual(
      await readTripsWhole(fresh.database, LOCAL_OWNER_ID),
    );
    await other.close();
  });

  it("is taken apart, and its outings stay", async () => {
    const before = ((await (await call(listOutings, "GET")).json()) as OutingLine[]).length;
    expect((await call(removeTrip, "DELETE", TRIP)).status).toBe(200);
    expect((await call(readTrip, "GET", TRIP)).status).toBe(404);
    expect((await call(removeTrip, "DELETE", TRIP)).status).toBe(404);
    expect(((await (await call(listOutings, "GET")).json()) as OutingLine[]).length).toBe(before);
  });
});
