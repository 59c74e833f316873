import { randomUUID } from "node:crypto";
import type { APIContext } from "astro";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { dueTimes } from "@/formats/card/overdue";
import type { LinkLine } from "@/formats/wire/links-schema";
import { DELETE as callBack } from "@/pages/api/outings/[id]/links/[link]";
import { GET as listLinks, POST as makeLink } from "@/pages/api/outings/[id]/links/index";
import { LOCAL_OWNER_ID } from "@/server/access";
import { seedDemo } from "@/server/demo/seed";
import { leftBehind } from "@/server/links/links";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

let fresh: FreshDatabase;
let outingId: string;
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
  const [row] = await fresh.sql<{ id: string }[]>`select id from outing where name = 'Grouse lek before dawn'`;
  outingId = row!.id;
});
afterAll(() => fresh.close());

const call = (handler: unknown, method: string, params: object, body?: object): Promise<Response> =>
  (handler as (context: APIContext) => Promise<Response>)({
    request: new Request("http://127.0.0.1/api", {
      method,
      ...(body && { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
    }),
    params,
  } as unknown as APIContext);

const made = async (body: object): Promise<{ id: string; token: string }> => {
  const response = await call(makeLink, "POST", { id: outingId }, { id: randomUUID(), ...body });
  expect(response.status).toBe(201);
  const { id, path } = (await response.json()) as { id: string; path: string };
  return { id, token: path.replace("/left/", "") };
};

describe("a secret address", () => {
  it("tells when somebody is overdue, and neither coordinates nor place unless that was ticked", async () => {
    const { token } = await made({ kind: "plan" });
    const { kind, card, tellsPlace } = await leftBehind(token);
    expect([kind, tellsPlace]).toEqual(["plan", false]);
    expect(JSON.stringify(card)).not.toContain("Svartmyra");
    expect(JSON.stringify(card)).not.toMatch(/latitudeDeg|longitudeDeg/);
    // By hand: begun 02:50 UTC, 40 + 20 + 125 + 5 + 110 + 40 min are 5 h 40: back 08:30, an hour until somebody worries.
    const { backMs, overdueMs, turnBackMs } = dueTimes(card);
    expect(new Date(backMs).toISOString()).toBe("2027-03-27T08:30:00.000Z");
    expect(overdueMs - backMs).toBe(3_600_000);
    expect(turnBackMs).toBeLessThan(backMs);
    const { card: withPlace } = await leftBehind((await made({ kind: "card", tellsPlace: true })).token);
    expect(withPlace.view.place.name).toContain("Svartmyra");
    expect(withPlace.view.setting.latitudeDeg).toBe(62);
  });

  it("is kept as a hash, listed without itself, and opens nothing once it was called back", async () => {
    const { id, token } = await made({ kind: "plan" });
    const [row] = await fresh.sql<{ token_hash: string }[]>`select token_hash from outing_link where id = ${id}`;
    expect(row!.token_hash).not.toContain(token);
    const links = (await (await call(listLinks, "GET", { id: outingId })).json()) as LinkLine[];
    expect(links.map((link) => link.id)).toContain(id);
    expect(JSON.stringify(links)).not.toContain(token);
    expect((await call(callBack, "DELETE", { id: outingId, link: id })).status).toBe(200);
    await expect(leftBehind(token)).rejects.toMatchObject({ code: "not-found" });
    expect((await call(callBack, "DELETE", { id: outingId, link: id })).status).toBe(404);
    for (const wrong of ["", "../x", "a".repeat(32), token.slice(1)])
      await expect(leftBehind(wrong)).rejects.toMatchObject({ code: "not-found" });
  });

  it("opens nothing while its outing is removed", async () => {
    const { token } = await made({ kind: "plan" });
    await fresh.sql`update outing set removed_at = now() where owner_id = ${LOCAL_OWNER_ID} and id = ${outingId}`;
    await expect(leftBehind(token)).rejects.toMatchObject({ code: "not-found" });
  });
});
