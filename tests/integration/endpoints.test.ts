import { randomUUID } from "node:crypto";
import type { APIContext } from "astro";
import { sql } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { History } from "@/formats/sheet-commands";
import { starterPiece } from "@/core/starter-kit";
import type { ErrorBody, OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { GET as health } from "@/pages/api/health";
import { ALL as anyOuting, GET as getOuting, PUT as putOuting } from "@/pages/api/outings/[id]/index";
import { GET as getHistory } from "@/pages/api/outings/[id]/history";
import { GET as listOutings, POST as postOuting } from "@/pages/api/outings/index";
import { POST as postPieces } from "@/pages/api/people/[id]/pieces";
import { ALL as nowhere } from "@/pages/api/[...rest]";
import { MOST_BODY_BYTES } from "@/server/http/read-json";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";
import { withVerdicts } from "./verdicts";

type Handler = (context: APIContext) => Response | Promise<Response>;

let fresh: FreshDatabase;

beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
});
afterAll(() => fresh.close());

const call = async <Body>(
  handler: unknown,
  id?: string,
  init?: RequestInit,
): Promise<{ status: number; body: Body }> => {
  const request = new Request("http://127.0.0.1:4477/api", init);
  const response = await (handler as Handler)({ params: { id }, request } as unknown as APIContext);
  return { status: response.status, body: (await response.json()) as Body };
};
const put = (id: string, body: unknown, type = "application/json") =>
  call<ErrorBody & { version: number }>(putOuting, id, {
    method: "PUT",
    headers: { "content-type": type },
    body: typeof body === "string" ? body : JSON.stringify(body),
  });
const lines = (): Promise<OutingLine[]> => withVerdicts(async () => (await call<OutingLine[]>(listOutings)).body);
const open = async (name: string): Promise<OutingView> => {
  const line = (await lines()).find((candidate) => candidate.name === name)!;
  return (await call<OutingView>(getOuting, line.id)).body;
};
const content = ({ version, setting, weatherShaped, weather, phases, wearings }: OutingView) => ({
  version,
  setting,
  weatherShaped,
  weather,
  phases,
  wearings,
});

const LEK = "Grouse lek before dawn";

describe("reading", () => {
  it("lists every outing with its verdict", async () => {
    const found = await lines();
    expect(found).toHaveLength(5);
    for (const { verdict } of found) expect(verdict?.minutesStill).toBeGreaterThan(0);
  });

  it("shows the verdict of an older model at once, marked, and the one that holds when it is computed", async () => {
    const before = await lines();
    await fresh.sql`update outing set verdict_model_version = '1', verdict = verdict || '{"minutesStill": 7}'`;
    const { body: meanwhile } = await call<OutingLine[]>(listOutings);
    expect(meanwhile.map(({ isRecomputing, verdict }) => [isRecomputing, verdict?.minutesStill])).toEqual(
      before.map(() => [true, 7]),
    );
    expect(await lines()).toEqual(before);
  });

  it("opens one whole", async () => {
    const view = await open(LEK);
    expect(view.phases.map(({ kind }) => kind)).toEqual(["walkIn", "setUp", "sit", "task", "sit", "walkOut"]);
    expect(view.kit.length).toBeGreaterThan(20);
  });

  it("tells that it is well", async () => {
    expect(await call(health)).toMatchObject({ status: 200, body: { ok: true, outings: 5 } });
  });

  it.each(["nonsense", "01900000-0000-7000-8000-0000000000aa", "'; drop table outing; --"])(
    "answers 404 for %s",
    async (id) => {
      const { status, body } = await call<ErrorBody>(getOuting, id);
      expect(status).toBe(404);
      expect(body.error.code).toBe("not-found");
    },
  );

  it("answers 404 and 405 in JSON elsewhere", async () => {
    expect(await call(nowhere)).toMatchObject({ status: 404, body: { error: { code: "not-found" } } });
    expect(await call(anyOuting)).toMatchObject({ status: 405, body: { error: { code: "method-not-allowed" } } });
  });
});

describe("saving", () => {
  it("keeps what was sent, also as it was typed, and judges anew", async () => {
    const before = await open(LEK);
    const colder = before.weather.map((hour) => ({
      ...hour,
      airTemperatureC: -25,
      airTemperatureTyped: { value: -13, unit: "°F" },
    }));
    const saved = await put(before.id, { ...content(before), weather: colder });
    expect(saved).toMatchObject({ status: 200, body: { version: before.version + 1 } });
    const after = await open(LEK);
    expect(after.weather[0]).toMatchObject({ airTemperatureC: -25, airTemperatureTyped: { value: -13, unit: "°F" } });
    expect(after.phases).toEqual(before.phases);
    const minutes = (await lines()).find(({ name }) => name === LEK)!.verdict!.minutesStill;
    expect(minutes).toBeLessThan(86);
  });

  it("refuses an old version with 409, names the current one and changes nothing", async () => {
    const view = await open(LEK);
    const first = { ...content(view), phases: view.phases.map((phase) => ({ ...phase, minutes: phase.minutes + 1 })) };
    expect((await put(view.id, first)).status).toBe(200);
    const { status, body } = await put(view.id, content(view));
    expect(status).toBe(409);
    expect(body.error).toMatchObject({ code: "version-conflict", currentVersion: view.version + 1 });
    expect((await open(LEK)).phases[0]!.minutes).toBe(view.phases[0]!.minutes + 1);
  });

  it("knows the writer's own save again whose answer was lost, and nobody else's", async () => {
    const view = await open(LEK);
    const [lost, again, others] = [randomUUID(), randomUUID(), randomUUID()];
    const mine = { ...content(view), saveId: lost };
    expect((await put(view.id, mine)).status).toBe(200); // the answer does not arrive: the writer still names the old version
    const second = await put(view.id, { ...mine, saveId: again, unacknowledgedSaves: [lost] });
    expect(second).toMatchObject({ status: 200, body: { version: view.version + 2 } });
    const third = await put(view.id, { ...mine, saveId: randomUUID(), unacknowledgedSaves: [lost, again] });
    expect(third).toMatchObject({ status: 200, body: { version: view.version + 3 } });

    const newest = await open(LEK);
    expect((await put(view.id, { ...content(newest), saveId: others })).status).toBe(200);
    expect((await put(view.id, { ...mine, saveId: randomUUID(), unacknowledgedSaves: [lost, again] })).status).toBe(
      409,
    );
    expect((await put(view.id, { ...content(newest), version: newest.version + 1 })).status).toBe(200); // names no save
    expect((await put(view.id, { ...mine, unacknowledgedSaves: [lost, again] })).status).toBe(409);
  });

  it("of two writers at once exactly one wins", async () => {
    const view = await open(LEK);
    const answers = await Promise.all([1, 2, 3, 4].map(() => put(view.id, content(view))));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409]);
  });

  it("names each field that cannot be used", async () => {
    const view = await open(LEK);
    const phases = view.phases.map((phase, index) => (index === 2 ? { ...phase, minutes: 0 } : phase));
    const { status, body } = await put(view.id, { ...content(view), phases });
    expect(status).toBe(400);
    expect(body.error.problems).toMatchObject([{ path: "phases[2].minutes" }]);
  });

  it("refuses a piece of somebody else's kit", async () => {
    const view = await open(LEK);
    const foreign = (await open("Char through the ice")).wearings[0]!.pieceId;
    const wearings = [{ ...view.wearings[0]!, pieceId: foreign }];
    const { status, body } = await put(view.id, { ...content(view), wearings });
    expect(status).toBe(400);
    expect(body.error.problems).toMatchObject([{ path: "wearings[0].pieceId" }]);
  });

  it("refuses ids that belong to another outing", async () => {
    const view = await open(LEK);
    const other = await open("Char through the ice");
    const { status, body } = await put(view.id, { ...content(view), phases: other.phases });
    expect(status).toBe(400);
    expect(body.error.code).toBe("bad-input");
    expect((await open("Char through the ice")).phases).toEqual(other.phases);
  });

  it.each([
    ["what is no JSON", "{", "application/json", 400, "bad-input"],
    ["another media type", "{}", "text/plain", 415, "wrong-media-type"],
    ["a body too large", " ".repeat(MOST_BODY_BYTES + 1), "application/json", 413, "body-too-large"],
  ])("refuses %s", async (_what, body, type, status, code) => {
    const { id } = await open(LEK);
    expect(await put(id, body, type)).toMatchObject({ status, body: { error: { code } } });
  });

  it("tells nothing of the inside when the database is gone", async () => {
    const view = await open(LEK);
    await fresh.sql`alter table outing rename to outing_gone`;
    const { status, body } = await put(view.id, content(view));
    await fresh.sql`alter table outing_gone rename to outing`;
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toMatch(/outing_gone|select|relation/);
  });
});

describe("making outings", () => {
  const NEW = "01900000-0000-7000-8000-0000000001";
  const post = (body: unknown) =>
    call<ErrorBody & { id: string }>(postOuting, undefined, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });
  const day = { lowC: -12, highC: -3, windMPerS: 3, cloudShare: 0.5 };
  const person = {
    kind: "new",
    id: `${NEW}01`,
    name: "Tove",
    heightM: 1.68,
    massKg: 62,
    fatPercent: 26,
    ageYears: 34,
    sex: "female",
  };
  const place = {
    kind: "new",
    id: `${NEW}02`,
    name: "Eskelund, high seat",
    timeZone: "Europe/Copenhagen",
    setting: { shelter: "edgeOfWood", seatHeightM: 3, ground: "wood" },
  };
  const fromNothing = {
    from: "place",
    id: `${NEW}03`,
    name: "First",
    person,
    place,
    startsAt: "2027-01-10T05:00:00Z",
    sitMinutes: 150,
    weather: { kind: "lowHigh", ...day },
  };

  it("from nothing: a person, a place, a day of low and high, and a verdict at once", async () => {
    expect(await post(fromNothing)).toEqual({ status: 201, body: { id: `${NEW}03` } });
    const view = await open("First");
    expect(view.person.name).toBe("Tove");
    expect(view.weatherShaped).toBe(true);
    expect(view.setting).toMatchObject({ seatHeightM: 3, ground: "wood" });
    expect(view.phases.find(({ kind }) => kind === "sit")!.minutes).toBe(150);
    const air = view.weather.map(({ airTemperatureC }) => airTemperatureC);
    expect(Math.min(...air)).toBeGreaterThanOrEqual(-12 - 1e-9);
    expect(Math.max(...air)).toBeLessThanOrEqual(-3 + 1e-9);
    expect((await lines()).find(({ name }) => name === "First")!.verdict).not.toBeNull();
  });

  it("pieces join the kit and can be worn", async () => {
    const { label } = starterPiece("fleeceJacket");
    const piece = { id: `${NEW}04`, name: "Mine", kind: "garment", label, massG: 500 };
    const add = (personId: string, pieces: unknown) =>
      call<ErrorBody & { added: number }>(postPieces, personId, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ pieces }),
      });
    expect(await add(`${NEW}01`, [piece])).toMatchObject({ status: 201, body: { added: 1 } });
    expect((await add(`${NEW}99`, [{ ...piece, id: `${NEW}05` }])).status).toBe(404);
    expect((await add(`${NEW}01`, [{ ...piece, id: `${NEW}06`, priceMinor: 100 }])).body.error.problems).toMatchObject([
      { path: "pieces[0].currency" },
    ]);
    const view = await open("First");
    const wearing = { id: `${NEW}07`, pieceId: `${NEW}04`, side: "both", rank: 20, fromMinute: 0, toMinute: 200 };
    expect((await put(view.id, { ...content(view), wearings: [wearing] })).status).toBe(200);
    expect((await open("First")).wearings[0]).toMatchObject({ pieceId: `${NEW}04`, whenOff: "pack", opened: [] });
  });

  it("like another, its weather moved along with its day", async () => {
    const startsAt = "2027-01-11T06:30:00.000Z";
    expect((await post({ from: "outing", id: `${NEW}08`, copyOf: `${NEW}03`, name: "Again", startsAt })).status).toBe(
      201,
    );
    const [first, again] = [await open("First"), await open("Again")];
    expect(Date.parse(again.weather[0]!.at) - Date.parse(first.weather[0]!.at)).toBe(25.5 * 3_600_000);
    expect(again.wearings.map(({ pieceId }) => pieceId)).toEqual(first.wearings.map(({ pieceId }) => pieceId));
    expect(again.wearings[0]!.id).not.toBe(first.wearings[0]!.id);
  });

  it.each([
    ["a low above the high", { weather: { kind: "lowHigh", ...day, lowC: 5 } }, "weather.lowC"],
    ["a zone nobody knows", { place: { ...place, id: `${NEW}12`, timeZone: "Moss/Bog" } }, "place.timeZone"],
    ["a person nobody knows", { person: { kind: "known", id: `${NEW}98` } }, "person"],
  ])("not from %s", async (_what, change, path) => {
    const { status, body } = await post({ ...fromNothing, id: `${NEW}11`, ...change });
    expect(status).toBe(400);
    expect(body.error.problems).toMatchObject([{ path }]);
  });

  it("a walk nobody can walk is saved all the same, without a verdict", async () => {
    const view = await open("Again");
    const walkIn = { distanceM: 40_000, climbM: 0, loadKg: 5, terrain: "dirt", snowSinkingCm: 0, snowshoes: false };
    const setting = { ...view.setting, walkIn } as OutingView["setting"];
    expect((await put(view.id, { ...content(view), setting })).status).toBe(200);
    expect((await lines()).find(({ name }) => name === "Again")!.verdict).toBeNull();
  });
});

describe("what was done to a sheet", () => {
  const setting = (seatHeightM: number) => ({ shelter: "hide", seatHeightM, ground: "snow" });
  const command = (index: number) => ({
    id: `01900000-0000-7000-8000-0000000002${String(index).padStart(2, "0")}`,
    label: `step ${index}`,
    changes: [{ collection: "setting", key: "setting", before: setting(index), after: setting(index + 1) }],
  });
  const historyOf = async (id: string) => (await call<History>(getHistory, id)).body;
  const save = async (history: unknown) => {
    const view = await open("Sea-bird count");
    return put(view.id, { ...content(view), history });
  };

  it("is kept with the save, walked back, cut off and gone on with", async () => {
    const { id } = await open("Sea-bird count");
    expect(await historyOf(id)).toEqual({ dropped: 0, commands: [], done: 0 });
    expect((await save({ keep: 0, add: [1, 2, 3].map(command), done: 3 })).status).toBe(200);
    expect((await save({ keep: 3, add: [], done: 1 })).status).toBe(200);
    expect(await historyOf(id)).toEqual({ dropped: 0, commands: [1, 2, 3].map(command), done: 1 });
    expect((await save({ keep: 1, add: [command(4)], done: 2 })).status).toBe(200);
    expect(await historyOf(id)).toEqual({ dropped: 0, commands: [1, 4].map(command), done: 2 });
  });

  it("is fitted to what is there where it does not follow it, so that a backup can always be read", async () => {
    const { id } = await open("Sea-bird count");
    expect((await save({ keep: 10, add: [command(5)], done: 3 })).status).toBe(200);
    const { commands, done } = await historyOf(id);
    expect(commands.at(-1)).toEqual(command(5));
    expect(done).toBeGreaterThanOrEqual(0);
    expect(done).toBeLessThanOrEqual(commands.length);
    expect((await save({ keep: 0, add: [1, 4].map(command), done: 2 })).status).toBe(200);
    expect(await historyOf(id)).toEqual({ dropped: 0, commands: [1, 4].map(command), done: 2 });
  });

  it("is not changed by a save that is refused", async () => {
    const view = await open("Sea-bird count");
    const before = await historyOf(view.id);
    const stale = { ...content(view), version: view.version - 1, history: { keep: 0, add: [command(9)], done: 1 } };
    expect((await put(view.id, stale)).status).toBe(409);
    expect(await historyOf(view.id)).toEqual(before);
  });
});

/** A promise that is resolved by hand. */
function latch(): { readonly promise: Promise<void>; readonly resolve: () => void } {
  let resolve = (): void => undefined;
  const promise = new Promise<void>((done) => (resolve = done));
  return { promise, resolve: () => resolve() };
}

describe("a database that answers oddly", () => {
  it("a row somebody holds is given up after a while, with what to do, and harms nobody else", async () => {
    const view = await open("Sea-bird count");
    const [taken, held] = [latch(), latch()];
    const holder = fresh.database.transaction(async (transaction) => {
      await transaction.execute(sql`select 1 from outing where id = ${view.id} for update`);
      taken.resolve();
      await held.promise;
    });
    await taken.promise;
    const waiting = await put(view.id, content(view));
    expect(waiting).toMatchObject({ status: 503, body: { error: { code: "database-unreachable" } } });
    expect((await call(health)).status).toBe(200);
    held.resolve();
    await holder;
    expect((await put(view.id, content(view))).status).toBe(200);
  });

  it("a character no database can keep is a bad input, not a fault", async () => {
    const view = await open(LEK);
    const odd = { id: randomUUID(), name: "boots \u0000", kind: "footwear", label: starterPiece("pacBoot").label };
    const { status, body } = await call<ErrorBody>(postPieces, view.person.id, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ pieces: [{ ...odd, fingersTogether: false }] }),
    });
    expect([status, body.error.code]).toEqual([400, "bad-input"]);
  });
});
