import type { APIContext } from "astro";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import type { LiveView } from "@/formats/wire/live/live-view";
import type { OutingLine } from "@/formats/wire/outing/outing-view";
import { GET as events } from "@/pages/api/outings/[id]/live/events";
import { GET as read, PATCH as change, POST as begin } from "@/pages/api/outings/[id]/live/index";
import { POST as tell } from "@/pages/api/outings/[id]/live/readings";
import { GET as listOutings } from "@/pages/api/outings/index";
import { LOCAL_OWNER_ID } from "@/server/access";
import { backupStream } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

let fresh: FreshDatabase;
let id: string;
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
  [{ id }] = (await (await call(listOutings, "GET")).json()) as [OutingLine];
});
afterAll(() => fresh.close());

function call(
  handler: unknown,
  method: string,
  body?: unknown,
  headers: Readonly<Record<string, string>> = {},
): Promise<Response> {
  const request = new Request("http://127.0.0.1/api", {
    method,
    headers: { ...(body ? { "content-type": "application/json" } : {}), ...headers },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  return (handler as (context: APIContext) => Promise<Response>)({ request, params: { id } } as unknown as APIContext);
}

const bearer = (token: string) => ({ authorization: `Bearer ${token}` });
const beganAt = new Date(Date.now() - 60 * 60_000).toISOString();
const pack = [
  { bn: "umiak:", bu: "Cel", n: "leftToes", t: -120, v: 22 },
  { n: "leftToes", t: -60, v: 21.5 },
  { n: "elbow", v: 3 },
];
const live = async (): Promise<LiveView | null> => (await (await call(read, "GET")).json()) as LiveView | null;

describe("a sit that goes on", () => {
  let token = "";

  it("is begun, and only whoever has its token tells of it", async () => {
    expect(await live()).toBeNull();
    expect((await call(tell, "POST", pack, bearer("any"))).status).toBe(404);
    const begun = await call(begin, "POST", { beganAt });
    expect(begun.status).toBe(201);
    ({ token } = (await begun.json()) as { token: string });
    expect((await call(tell, "POST", pack, bearer("other"))).status).toBe(401);
    expect((await call(tell, "POST", pack)).status).toBe(401);
    expect((await call(tell, "POST", [{ v: "much" }], bearer(token))).status).toBe(400);
    expect(await (await call(tell, "POST", pack, bearer(token))).json()).toEqual({
      taken: 2,
      leftOut: [{ record: 2, why: "name" }],
    });
    expect((await call(tell, "POST", [pack[0]], { "sec-fetch-site": "same-origin" })).status).toBe(200); // its own page
  });

  it("keeps what is told twice once, and what is said", async () => {
    const at = Date.now() / 1000 - 600;
    const same = [{ n: "air", u: "Cel", t: at, v: -4 }];
    for (const taken of [1, 0])
      expect(await (await call(tell, "POST", same, bearer(token))).json()).toMatchObject({ taken });
    const vote = { part: "leftToes", vote: "cool", at: new Date().toISOString() };
    for (let time = 0; time < 2; time++) expect((await call(change, "PATCH", { votes: [vote] })).status).toBe(200);
    expect(await live()).toMatchObject({ beganAt, endedAt: null, votes: [vote] });
    expect((await live())!.readings.filter(({ sensor }) => sensor === "air")).toHaveLength(1);
  });

  // The first of all, so that the database is not listened to yet as it leaves.
  it("leaves nothing behind of a page that left while it was opened: sent to nobody, it would end the process", async () => {
    const [made, cleared] = [vi.spyOn(globalThis, "setInterval"), vi.spyOn(globalThis, "clearInterval")];
    const response = await call(events, "GET");
    await response.body!.cancel();
    await vi.waitFor(() => expect(made.mock.results.length).toBeGreaterThan(0));
    const timers = made.mock.results.map(({ value }) => value as unknown);
    await vi.waitFor(() => expect(cleared.mock.calls.map(([timer]) => timer)).toEqual(timers));
    vi.restoreAllMocks();
  });

  it("is pushed to its page: all at first, then what is new", async () => {
    const response = await call(events, "GET");
    expect(response.headers.get("content-type")).toContain("text/event-stream");
    const reader = response.body!.getReader();
    const next = async (): Promise<LiveView> => {
      for (;;) {
        const { value } = await reader.read();
        const data = /data: (.*)\n/.exec(new TextDecoder().decode(value))?.[1];
        if (data) return JSON.parse(data) as LiveView;
      }
    };
    const all = (await live())!.readings.length;
    expect((await next()).readings).toHaveLength(all);
    await call(tell, "POST", [{ n: "air", u: "Cel", v: -5 }], bearer(token));
    expect((await next()).readings).toMatchObject([{ sensor: "air", valueC: -5 }]);
    await reader.cancel();
  });

  it("goes along in a backup, and ends", async () => {
    await call(change, "PATCH", { endedAt: new Date().toISOString() });
    const before = (await live())!;
    expect(before.endedAt).not.toBeNull();
    const whole: unknown = JSON.parse(
      await new Response(backupStream(fresh.database, LOCAL_OWNER_ID, new Date())).text(),
    );
    await fresh.sql`delete from outing where id = ${id}`;
    await restoreBackup(fresh.database, LOCAL_OWNER_ID, whole, Date.now());
    const after = (await live())!;
    const told = ({ readings }: LiveView) => readings.map(({ sensor, at, valueC }) => ({ sensor, at, valueC }));
    expect({ ...after, readings: told(after) }).toEqual({ ...before, readings: told(before) });
    // Its token is not in a file that is given away: loggers need another.
    expect((await call(tell, "POST", pack, bearer(token))).status).toBe(401);
  });

  it("is begun again without what was told before", async () => {
    await call(begin, "POST", { beganAt: new Date().toISOString() });
    expect(await live()).toMatchObject({ endedAt: null, votes: [], readings: [] });
    expect((await call(tell, "POST", pack, bearer(token))).status).toBe(401);
  });
});
