import { randomUUID } from "node:crypto";
import type { APIContext } from "astro";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { levelEverywhere } from "@/core/limits";
import type { ForecastView } from "@/formats/wire/evening/forecast-view";
import type { HeadChanged } from "@/formats/wire/outing/head-schema";
import type { ErrorBody, OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { contentOfPerson, type PersonView } from "@/formats/wire/people/person-view";
import type { PlaceView } from "@/formats/wire/places/place-view";
import { GET as getForecast } from "@/pages/api/forecast";
import { PUT as putHead } from "@/pages/api/outings/[id]/head";
import { GET as getOuting } from "@/pages/api/outings/[id]/index";
import { GET as listOutings, POST as postOuting } from "@/pages/api/outings/index";
import { PUT as putPerson } from "@/pages/api/people/[id]/index";
import { GET as getPeople, POST as postPerson } from "@/pages/api/people/index";
import { PUT as putPlace } from "@/pages/api/places/[id]";
import { GET as getPlaces, POST as postPlace } from "@/pages/api/places/index";
import { seedDemo } from "@/server/demo/seed";
import { startingPointsForPage } from "@/server/outings/for-page";
import { freshDatabase, type FreshDatabase } from "./fresh-database";
import { withVerdicts } from "./verdicts";

type Handler = (context: APIContext) => Response | Promise<Response>;
const LEK = "Grouse lek before dawn";

let fresh: FreshDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
});
afterAll(() => fresh.close());

const call = async <Body>(handler: unknown, id?: string, method = "GET", body?: unknown, query = "") => {
  const request = new Request(`http://127.0.0.1:4477/api${query}`, {
    method,
    ...(body !== undefined && { headers: { "content-type": "application/json" }, body: JSON.stringify(body) }),
  });
  const context = { params: { id }, request, url: new URL(request.url) };
  const response = await (handler as Handler)(context as unknown as APIContext);
  return { status: response.status, body: (await response.json()) as Body };
};
const people = async (): Promise<PersonView[]> => (await call<PersonView[]>(getPeople)).body;
const places = async (): Promise<PlaceView[]> => (await call<PlaceView[]>(getPlaces)).body;
const named = <Row extends { readonly name: string }>(rows: readonly Row[], name: string): Row =>
  rows.find((row) => row.name === name)!;
const lines = (): Promise<OutingLine[]> => withVerdicts(async () => (await call<OutingLine[]>(listOutings)).body);
const open = async (id: string): Promise<OutingView> => (await call<OutingView>(getOuting, id)).body;
const make = (body: unknown) => call<ErrorBody & { id: string }>(postOuting, undefined, "POST", body);

const BODY = { heightM: 1.82, massKg: 84, fatPercent: 19, ageYears: 47, sex: "male" };
const SETTING = { shelter: "hide", ground: "wood", seatHeightM: 2.5, latitudeDeg: 60.1, longitudeDeg: 9.4 };

describe("people", () => {
  it("somebody new has what is usual where nothing is said; a child is called in earlier", async () => {
    const id = randomUUID();
    expect((await call(postPerson, undefined, "POST", { id, name: "Torvald", ...BODY })).status).toBe(201);
    expect(named(await people(), "Torvald")).toMatchObject({
      feels: "usual",
      wearsGlasses: false,
      workingHand: "right",
      accepted: levelEverywhere("cold"),
      outings: 0,
      retired: false,
    });
    const child = { ...BODY, id: randomUUID(), name: "Sunniva", massKg: 32, heightM: 1.35, ageYears: 9 };
    await call(postPerson, undefined, "POST", child);
    expect(named(await people(), "Sunniva").accepted).toEqual(levelEverywhere("comfort"));
  });

  it("who says they feel the cold has other verdicts from then on; an old version is refused", async () => {
    const before = named(await lines(), LEK).verdict!;
    const runa = named(await people(), "Runa");
    const saved = { ...contentOfPerson(runa), feels: "cold", version: runa.version, retired: false };
    expect((await call(putPerson, runa.id, "PUT", saved)).body).toEqual({ version: runa.version + 1 });
    expect(named(await lines(), LEK).verdict!.minutesStill).toBeLessThan(before.minutesStill);
    const again = await call<ErrorBody>(putPerson, runa.id, "PUT", saved);
    expect([again.status, again.body.error.code]).toEqual([409, "version-conflict"]);
    await call(putPerson, runa.id, "PUT", { ...saved, feels: "usual", version: runa.version + 1 });
    expect(named(await lines(), LEK).verdict!.minutesStill).toBe(before.minutesStill);
  });

  it("a body that cannot be is refused with the field; nobody of that id is 404", async () => {
    const wrong = await call<ErrorBody>(postPerson, undefined, "POST", {
      id: randomUUID(),
      name: "X",
      ...BODY,
      massKg: 5,
    });
    expect([wrong.status, wrong.body.error.problems?.[0]?.path]).toEqual([400, "massKg"]);
    const runa = named(await people(), "Runa");
    const saved = { ...contentOfPerson(runa), version: 1, retired: false };
    expect((await call(putPerson, randomUUID(), "PUT", saved)).status).toBe(404);
  });

  it("who is retired is not offered for a new outing, and keeps the old ones", async () => {
    const torvald = named(await people(), "Torvald");
    const offered = async (): Promise<string[]> => {
      const found = await startingPointsForPage(Date.now());
      return found.kind === "found" ? found.points.people.map(({ name }) => name) : [];
    };
    expect(await offered()).toContain("Torvald");
    const saved = { ...contentOfPerson(torvald), version: torvald.version, retired: true };
    await call(putPerson, torvald.id, "PUT", saved);
    expect(await offered()).not.toContain("Torvald");
  });
});

describe("places", () => {
  it("a new place is kept with its clock; half a point on earth is refused", async () => {
    const place = { id: randomUUID(), name: "Eskelund, high seat", timeZone: "Europe/Oslo", setting: SETTING };
    expect((await call(postPlace, undefined, "POST", place)).status).toBe(201);
    const half = { ...place, id: randomUUID(), setting: { ...SETTING, longitudeDeg: undefined } };
    const refused = await call<ErrorBody>(postPlace, undefined, "POST", half);
    expect([refused.status, refused.body.error.problems?.[0]?.path]).toEqual([400, "setting.longitudeDeg"]);
  });

  it("editing a place leaves outings planned there as they are", async () => {
    const line = named(await lines(), LEK);
    const before = await open(line.id);
    const place = (await places()).find(({ id }) => id === before.place.id)!;
    const saved = { ...place, setting: { ...place.setting, shelter: "openIce" } };
    const { name, timeZone, setting, version } = saved;
    await call(putPlace, place.id, "PUT", { name, timeZone, setting, version, retired: false });
    expect((await open(line.id)).setting.shelter).toBe(before.setting.shelter);
    expect((await places()).find(({ id }) => id === place.id)!.setting.shelter).toBe("openIce");
  });

  it("a point on earth has a forecast before anything is planned there; a point off it is refused", async () => {
    const asked = "latitude=60.1&longitude=9.4&from=2027-01-10T05:20:00Z&hours=6&asOf=2027-01-09T12:00:00Z";
    const { body } = await call<ForecastView>(getForecast, undefined, "GET", undefined, `?${asked}`);
    expect(body.hours.map(({ at }) => at.slice(11, 16))).toEqual([
      "05:00",
      "06:00",
      "07:00",
      "08:00",
      "09:00",
      "10:00",
    ]);
    const off = await call<ErrorBody>(
      getForecast,
      undefined,
      "GET",
      undefined,
      "?latitude=99&longitude=9.4&from=2027-01-10T05:20:00Z&hours=6",
    );
    expect([off.status, off.body.error.problems?.[0]?.path]).toEqual([400, "latitude"]);
  });
});

describe("a new outing", () => {
  const wanted = async (change: object = {}) => {
    const place = named(await places(), "Eskelund, high seat");
    return {
      from: "place",
      id: randomUUID(),
      name: `Eskelund ${randomUUID()}`,
      person: { kind: "new", id: randomUUID(), name: `Tove ${randomUUID()}`, ...BODY },
      place: { kind: "known", id: place.id },
      startsAt: "2027-01-10T05:00:00Z",
      sitMinutes: 180,
      weather: { kind: "lowHigh", lowC: -9, highC: -4, windMPerS: 2 },
      ...change,
    };
  };

  it("in generic clothes chosen by the cold: pieces join the kit, big layers go on at the seat, and it lasts", async () => {
    const { body } = await make(await wanted({ dress: { kind: "generic", kit: "byCold" } }));
    const view = await open(body.id);
    expect(view.wearings.length).toBeGreaterThan(10);
    expect(view.kit).toHaveLength(view.wearings.length);
    const parka = view.kit.find(({ name }) => /parka/.test(name))!;
    expect(view.wearings.find(({ pieceId }) => pieceId === parka.id)!.fromMinute).toBe(view.phases[0]!.minutes);
    const line = (await lines()).find(({ id }) => id === body.id)!;
    expect(line.verdict!.minutesStill).toBeGreaterThan(60);
  });

  it("a second one of the same person takes the same pieces, and none twice", async () => {
    const first = await make(await wanted({ dress: { kind: "generic", kit: "best" } }));
    const { person, kit } = await open(first.body.id);
    const again = { person: { kind: "known", id: person.id }, dress: { kind: "generic", kit: "best" } };
    const second = await open((await make(await wanted(again))).body.id);
    expect(second.kit.map(({ id }) => id).sort()).toEqual(kit.map(({ id }) => id).sort());
    const like = await make(await wanted({ ...again, dress: { kind: "outing", id: first.body.id } }));
    expect((await open(like.body.id)).wearings).toHaveLength(second.wearings.length);
  });

  it("in the forecast of its place, marked; a place off the map has none", async () => {
    const { body } = await make(await wanted({ weather: { kind: "forecast" } }));
    const view = await open(body.id);
    expect(view.plan.forecast?.invented).toBe(true);
    expect(view.weather[0]!.at).toBe("2027-01-10T05:00:00.000Z");
    const nowhere = {
      kind: "new",
      id: randomUUID(),
      name: "Nowhere",
      timeZone: "UTC",
      setting: { shelter: "hide", ground: "snow", seatHeightM: 0 },
    };
    const refused = await make(await wanted({ weather: { kind: "forecast" }, place: nowhere }));
    expect([refused.status, refused.body.error.problems?.[0]?.path]).toEqual([400, "weather"]);
    expect((await places()).some(({ name }) => name === "Nowhere")).toBe(false);
  });

  it("in somebody else's clothes is refused, and nothing is made", async () => {
    const before = (await lines()).length;
    const lek = named(await lines(), LEK);
    expect((await make(await wanted({ dress: { kind: "outing", id: lek.id } }))).status).toBe(400);
    expect((await make(await wanted({ dress: { kind: "outfit", id: randomUUID() } }))).status).toBe(400);
    expect((await lines()).length).toBe(before);
  });
});

describe("an outing's name, day, place and sitter", () => {
  const copyOfLek = async (): Promise<OutingView> => {
    const id = randomUUID();
    await make({ from: "outing", id, copyOf: named(await lines(), LEK).id, name: `Lek ${id}` });
    return open(id);
  };
  const headOf = ({ version, name, startsAt, person, place }: OutingView) => ({
    version,
    name,
    startsAt,
    personId: person.id,
    placeId: place.id,
  });
  const change = (id: string, head: object) => call<HeadChanged & ErrorBody>(putHead, id, "PUT", head);

  it("two days later the hours of weather go along; an hour later the same day they stay", async () => {
    const view = await copyOfLek();
    const later = new Date(Date.parse(view.startsAt) + 2 * 86_400_000).toISOString();
    expect((await change(view.id, { ...headOf(view), name: "Renamed", startsAt: later })).body).toEqual({
      version: view.version + 1,
      leftOff: 0,
    });
    const moved = await open(view.id);
    expect([moved.name, moved.startsAt, moved.version]).toEqual(["Renamed", later, view.version + 1]);
    expect(Date.parse(moved.weather[0]!.at) - Date.parse(view.weather[0]!.at)).toBe(2 * 86_400_000);
    const hour = new Date(Date.parse(later) + 3_600_000).toISOString();
    await change(view.id, { ...headOf(moved), startsAt: hour });
    expect((await open(view.id)).weather[0]!.at).toBe(moved.weather[0]!.at);
  });

  it("at another place it begins with that place's setting; an old version is refused and changes nothing", async () => {
    const view = await copyOfLek();
    const place = named(await places(), "Eskelund, high seat");
    await change(view.id, { ...headOf(view), placeId: place.id });
    expect((await open(view.id)).setting).toMatchObject({ seatHeightM: 2.5, ground: "wood" });
    const refused = await change(view.id, { ...headOf(view), name: "Too late" });
    expect([refused.status, refused.body.error.code]).toEqual([409, "version-conflict"]);
    expect((await open(view.id)).name).toBe(view.name);
  });

  it("another sitter wears what their kit holds by the same name; the rest stays off and is counted", async () => {
    const view = await copyOfLek();
    const eskil = named(await people(), "Eskil");
    const { body } = await change(view.id, { ...headOf(view), personId: eskil.id });
    const theirs = await open(view.id);
    expect(theirs.person.name).toBe("Eskil");
    expect(body.leftOff).toBe(view.wearings.length - theirs.wearings.length);
    expect(body.leftOff).toBeGreaterThan(0);
    const known = new Set(theirs.kit.map(({ id }) => id));
    expect(theirs.wearings.every(({ pieceId }) => known.has(pieceId))).toBe(true);
    expect((await change(view.id, { ...headOf(theirs), personId: randomUUID() })).status).toBe(400);
  });

  it("whoever goes along goes along to another day", async () => {
    const view = await copyOfLek();
    const eskil = named(await people(), "Eskil");
    const along = await make({
      from: "party",
      id: randomUUID(),
      besides: view.id,
      person: { kind: "known", id: eskil.id },
    });
    const later = new Date(Date.parse(view.startsAt) + 86_400_000).toISOString();
    const { version } = await open(view.id);
    await change(view.id, { ...headOf(view), version, startsAt: later });
    const other = await open(along.body.id);
    expect([other.startsAt, other.person.name]).toEqual([later, "Eskil"]);
    const clash = await change(view.id, { ...headOf(await open(view.id)), personId: eskil.id });
    expect([clash.status, clash.body.error.problems?.[0]?.reason]).toEqual([400, "already goes along"]);
  });
});
