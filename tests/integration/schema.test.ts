import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { countOutings, listOutings, migrateDatabase, readOuting } from "@/db";
import { LOCAL_OWNER_ID } from "@/server/access";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

let fresh: FreshDatabase;
const OTHER_OWNER = "01900000-0000-7000-8000-00000000000f";

beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
});
afterAll(() => fresh.close());

describe("demo data", () => {
  it("is made once and never again, whatever was changed since", async () => {
    expect(await countOutings(fresh.database, LOCAL_OWNER_ID)).toBe(5);
    await fresh.sql`update outing set name = 'mine now' where name = 'Sea-bird count'`;
    expect(await seedDemo(fresh.database)).toBe(false);
    expect(await countOutings(fresh.database, LOCAL_OWNER_ID)).toBe(5);
    const names = (await listOutings(fresh.database, LOCAL_OWNER_ID)).map(({ outing }) => outing.name);
    expect(names).toContain("mine now");
  });

  it("holds two people, about 35 different pieces, and says that it is invented", async () => {
    const [counts] =
      await fresh.sql`select (select count(*) from person)::int people, (select count(distinct name) from piece)::int pieces`;
    expect(counts).toMatchObject({ people: 2 });
    expect(counts!.pieces).toBeGreaterThanOrEqual(33);
    const [invented] = await fresh.sql`select bool_and(invented) invented from outing`;
    expect(invented).toEqual({ invented: true });
  });

  it("migrations may run again", async () => {
    await migrateDatabase(fresh.database, "src/db/migrations");
  });
});

describe("the tables", () => {
  const refuses = (query: Promise<unknown>, what: RegExp) => expect(query).rejects.toThrow(what);

  it("carry an owner in every table", async () => {
    const missing = await fresh.sql`
      select table_name from information_schema.tables t where table_schema = 'public' and table_name <> 'owner'
      and not exists (select 1 from information_schema.columns c where c.table_name = t.table_name and c.column_name = 'owner_id')`;
    expect([...missing]).toEqual([]);
  });

  it("never join rows of two owners", async () => {
    await fresh.sql`insert into owner (id, name) values (${OTHER_OWNER}, 'other') on conflict do nothing`;
    await refuses(fresh.sql`update outing set owner_id = ${OTHER_OWNER}`, /foreign key/);
    await refuses(fresh.sql`update wearing set owner_id = ${OTHER_OWNER}`, /foreign key/);
    expect(await listOutings(fresh.database, OTHER_OWNER)).toEqual([]);
    const [own] = await listOutings(fresh.database, LOCAL_OWNER_ID);
    expect(await readOuting(fresh.database, OTHER_OWNER, own!.outing.id)).toBeNull();
  });

  it("check what the core would refuse", async () => {
    await refuses(fresh.sql`update person set mass_kg = 5`, /person_mass/);
    await refuses(fresh.sql`update hour_of_weather set air_temperature_c = -100`, /hour_air_temperature/);
    await refuses(fresh.sql`update phase set posture = 'flying'`, /phase_posture/);
    await refuses(fresh.sql`update wearing set to_minute = from_minute`, /wearing_span/);
    await refuses(fresh.sql`update phase set position = 0`, /phase_position/);
    await refuses(fresh.sql`update piece set price_minor = 100, currency = null`, /piece_price/);
  });

  it("take an outing's hours, phases and wearings with it when it goes", async () => {
    const [own] = await listOutings(fresh.database, LOCAL_OWNER_ID);
    await fresh.sql`delete from outing where id = ${own!.outing.id}`;
    const [left] = await fresh.sql`select count(*)::int rows from phase where outing_id = ${own!.outing.id}`;
    expect(left).toEqual({ rows: 0 });
  });
});
