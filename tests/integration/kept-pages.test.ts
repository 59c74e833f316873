import type { APIContext } from "astro";
import { v7 as uuid } from "uuid";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { readChanges } from "@/db";
import { LOCAL_OWNER_ID } from "@/server/access";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

let fresh: FreshDatabase;
vi.mock("@/server/composition", () => ({ database: () => fresh.database }));
const { keptOrRendered } = await import("@/server/http/kept-pages");

beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
});
afterAll(() => fresh.close());

const changes = () => readChanges(fresh.database, LOCAL_OWNER_ID);

describe("the number of an owner's changes", () => {
  it("rises once with a transaction however many rows it changes, and only for whose they are", async () => {
    const other = uuid();
    await fresh.sql`insert into owner (id, name) values (${other}, 'other')`;
    const before = await changes();
    await fresh.sql.begin(async (sql) => {
      await sql`update piece set note = 'looked at'`;
      await sql`update person set cold_hands = cold_hands`;
    });
    expect(await changes()).toBe(before + 1);
    await fresh.sql`insert into person (id, owner_id, name, height_m, mass_kg, fat_percent, age_years, sex, accepted)
      values (${uuid()}, ${other}, 'Runa', 1.7, 65, 25, 40, 'female', '{}')`;
    expect(await changes()).toBe(before + 1);
    expect(await readChanges(fresh.database, other)).toBe(1);
  });

  it("rises with every table that has an owner, and stays where a transaction fails", async () => {
    const tables = await fresh.sql<{ table_name: string }[]>`select table_name from information_schema.columns
      where column_name = 'owner_id' and table_schema = 'public' and table_name not like 'job%' and table_name not like 'live%'`; // no kept page shows those
    expect(tables.length).toBeGreaterThanOrEqual(10);
    const watched = await fresh.sql<{ name: string }[]>`select relname as name from pg_trigger
      join pg_class on pg_class.oid = tgrelid where tgname = 'raise_owner_changes'`;
    expect(watched.map(({ name }) => name).sort()).toEqual(tables.map(({ table_name }) => table_name).sort());
    const before = await changes();
    await fresh.sql
      .begin(async (sql) => {
        await sql`update outing set name = 'other'`;
        throw new Error("given up");
      })
      .catch(() => undefined);
    expect(await changes()).toBe(before);
    await fresh.sql`delete from wearing where id = (select id from wearing limit 1)`;
    expect(await changes()).toBe(before + 1);
  });
});

describe("a rendered page", () => {
  let rendered = 0;
  const ask = async (
    isKeepable = true,
    { status = 200, cookie = "", path = "/outings/a", lastsMs = 0, fails = false } = {},
  ) => {
    const url = new URL(`http://127.0.0.1:4477${path}`);
    const locals: APIContext["locals"] = {};
    const context = { request: new Request(url), url, locals, cookies: { get: () => cookie && { value: cookie } } };
    const response = await keptOrRendered(context as unknown as APIContext, async () => {
      const page = (rendered += 1);
      await new Promise((resolve) => setTimeout(resolve, lastsMs));
      if (fails) throw new Error("cannot be rendered");
      locals.isKeepable = isKeepable;
      return new Response(`page ${page}`, { status, headers: { "content-type": "text/html", "x-own": "yes" } });
    });
    return `${await response.text()} ${response.headers.get("x-own")}`;
  };

  it("is sent again until something of its owner's changes", async () => {
    const first = await ask();
    expect(await ask()).toBe(first);
    await fresh.sql`update piece set note = 'worn'`;
    const second = await ask();
    expect(second).not.toBe(first);
    expect(await ask()).toBe(second);
  });

  it("is another one at another address or with other preferences", async () => {
    const first = await ask();
    expect(await ask(true, { path: "/outings/b" })).not.toBe(first);
    expect(await ask(true, { cookie: JSON.stringify({ theme: "dark" }) })).not.toBe(first);
    expect(await ask()).toBe(first);
  });

  it("is not kept while it follows from something unsettled, nor where it refuses", async () => {
    const path = "/outings/c";
    expect(await ask(false, { path })).not.toBe(await ask(false, { path }));
    expect(await ask(true, { path, status: 404 })).not.toBe(await ask(true, { path, status: 404 }));
  });

  it("is rendered once for all who ask while it is being rendered, kept or not", async () => {
    for (const isKeepable of [true, false]) {
      const path = `/outings/d/${isKeepable}`;
      const before = rendered;
      const same = await Promise.all(Array.from({ length: 12 }, () => ask(isKeepable, { path, lastsMs: 200 })));
      expect(new Set(same).size).toBe(1);
      expect(rendered - before).toBe(1);
    }
    const different = await Promise.all(["/outings/e", "/outings/f"].map((path) => ask(true, { path })));
    expect(new Set(different).size).toBe(2);
  });

  it("is rendered for each of those who ask at once where it fails, and again for who asks later", async () => {
    const path = "/outings/h";
    const before = rendered;
    const failing = await Promise.allSettled([1, 2, 3].map(() => ask(true, { path, fails: true })));
    expect(failing.map(({ status }) => status)).toEqual(["rejected", "rejected", "rejected"]);
    expect(rendered - before).toBe(3);
    expect(await ask(true, { path })).toContain("page");
  });
});
