import type { APIContext } from "astro";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { ErrorBody, OutingLine, OutingView } from "@/formats/wire/outing-view";
import { GET as health } from "@/pages/api/health";
import { ALL as anyOuting, GET as getOuting, PUT as putOuting } from "@/pages/api/outings/[id]";
import { GET as listOutings } from "@/pages/api/outings/index";
import { ALL as nowhere } from "@/pages/api/[...rest]";
import { MOST_BODY_BYTES } from "@/server/http/read-json";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

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
const lines = async (): Promise<OutingLine[]> => (await call<OutingLine[]>(listOutings)).body;
const open = async (name: string): Promise<OutingView> => {
  const line = (await lines()).find((candidate) => candidate.name === name)!;
  return (await call<OutingView>(getOuting, line.id)).body;
};
const content = ({ version, weather, phases, wearings }: OutingView) => ({ version, weather, phases, wearings });

const LEK = "Grouse lek before dawn";

describe("reading", () => {
  it("lists every outing with its verdict", async () => {
    const found = await lines();
    expect(found).toHaveLength(3);
    for (const { verdict } of found) expect(verdict?.minutesStill).toBeGreaterThan(0);
  });

  it("opens one whole", async () => {
    const view = await open(LEK);
    expect(view.phases.map(({ kind }) => kind)).toEqual(["walkIn", "setUp", "sit", "task", "sit", "walkOut"]);
    expect(view.kit.length).toBeGreaterThan(20);
  });

  it("tells that it is well", async () => {
    expect(await call(health)).toMatchObject({ status: 200, body: { ok: true, outings: 3 } });
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

  it("refuses an overtaken version with 409, names the current one and changes nothing", async () => {
    const view = await open(LEK);
    const first = { ...content(view), phases: view.phases.map((phase) => ({ ...phase, minutes: phase.minutes + 1 })) };
    expect((await put(view.id, first)).status).toBe(200);
    const { status, body } = await put(view.id, content(view));
    expect(status).toBe(409);
    expect(body.error).toMatchObject({ code: "version-conflict", currentVersion: view.version + 1 });
    expect((await open(LEK)).phases[0]!.minutes).toBe(view.phases[0]!.minutes + 1);
  });

  it("of two writers at once exactly one wins", async () => {
    const view = await open(LEK);
    const answers = await Promise.all([1, 2, 3, 4].map(() => put(view.id, content(view))));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409]);
  });

  it("names each field that cannot be used", async () => {
    const view = await open(LEK);
    const phases = view.phases.map((phase, place) => (place === 2 ? { ...phase, minutes: 0 } : phase));
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
