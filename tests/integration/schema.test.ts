import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { sql } from "drizzle-orm";
import postgres from "postgres";
import {
  countOutings,
  listOutings,
  migrateDatabase,
  openScopedDatabases,
  readOuting,
  type Connection,
  type Database,
} from "@/db";
import { person } from "@/db/schema";
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

describe("row-level security", () => {
  it("is on for every table, with a policy", async () => {
    const without = await fresh.sql`
      select relname from pg_class c join pg_namespace n on n.oid = relnamespace
      where nspname = 'public' and relkind = 'r' and not (relrowsecurity
        and exists (select 1 from pg_policy p where p.polrelid = c.oid))`;
    expect([...without]).toEqual([]);
  });

  it("shows rows of one owner alone to statements that forget to ask for one, also in a transaction", async () => {
    const scoped = openScopedDatabases(fresh.url);
    try {
      const [mine, theirs] = [scoped.for(LOCAL_OWNER_ID), scoped.for(OTHER_OWNER)];
      const all = (database: Database) => database.select({ ownerId: person.ownerId }).from(person);
      await fresh.sql`insert into owner (id, name) values (${OTHER_OWNER}, 'other') on conflict do nothing`;
      expect((await all(mine)).length).toBe(2);
      expect(await all(theirs)).toEqual([]);
      await theirs.transaction(async (transaction) => {
        expect(await transaction.select().from(person)).toEqual([]);
        expect(await transaction.update(person).set({ name: "seen" }).returning()).toEqual([]);
      });
      const changed = theirs.update(person).set({ ownerId: OTHER_OWNER }).returning();
      expect(await changed).toEqual([]);
      const [row] = await mine.select().from(person).limit(1);
      await expect(theirs.insert(person).values({ ...row!, id: OTHER_OWNER })).rejects.toMatchObject({
        cause: { code: "42501" },
      });
      // Many at once, each by their own owner: what one connection was told is never read by another's statement.
      const counts = await Promise.all(
        Array.from({ length: 200 }, async (_, turn) => (await all(turn % 2 === 0 ? mine : theirs)).length),
      );
      expect(counts).toEqual(counts.map((_, turn) => (turn % 2 === 0 ? 2 : 0)));
    } finally {
      await scoped.close();
    }
  });

  it("a connection cut within a transaction fails that transaction, and nothing else", async () => {
    const scoped = openScopedDatabases(fresh.url);
    const mine = scoped.for(LOCAL_OWNER_ID);
    const cut = async (transaction: Connection): Promise<void> => {
      const [backend] = await transaction.execute<{ pid: number }>(sql`select pg_backend_pid() pid`);
      await fresh.sql`select pg_terminate_backend(${backend!.pid}, 5000)`;
    };
    const soon = () => new Promise((resolve) => setTimeout(resolve, 50));
    /** What work may do after its connection is gone. */
    const works: ((transaction: Connection) => Promise<unknown>)[] = [
      async (transaction) => transaction.update(person).set({ name: "half" }),
      () => Promise.reject(new Error("a fault of its own")),
      async (transaction) => transaction.select().from(person).catch(soon),
      async (transaction) => {
        await soon();
        return Promise.all([transaction.select().from(person), transaction.select().from(person)]);
      },
      soon,
    ];
    try {
      for (const work of works) {
        const whole = mine.transaction(async (transaction) => {
          await transaction.update(person).set({ name: "half" });
          await cut(transaction);
          return work(transaction);
        });
        await expect(whole).rejects.toThrow();
        await soon();
      }
      const asleep = mine.transaction(async (transaction) => {
        const [backend] = await transaction.execute<{ pid: number }>(sql`select pg_backend_pid() pid`);
        setTimeout(() => void fresh.sql`select pg_terminate_backend(${backend!.pid})`.execute(), 50);
        await transaction.execute(sql`select pg_sleep(30)`).catch(() => null);
        return transaction.execute(sql`select 1`);
      });
      await expect(asleep).rejects.toThrow();
      const names = (await mine.select({ name: person.name }).from(person)).map(({ name }) => name);
      expect(names).toHaveLength(2);
      expect(names).not.toContain("half");
    } finally {
      await scoped.close();
    }
  });

  it("cannot be passed: the role is no superuser, owns nothing and may not turn it off", async () => {
    const [role] =
      await fresh.sql`select rolsuper, rolbypassrls, rolcreaterole from pg_roles where rolname = 'umiak_web'`;
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcreaterole: false });
    const [owned] =
      await fresh.sql`select count(*)::int owned from pg_class c join pg_roles r on r.oid = relowner where rolname = 'umiak_web'`;
    expect(owned).toEqual({ owned: 0 });
    const asWeb = postgres(fresh.url, {
      max: 1,
      connection: { role: "umiak_web" } as object,
      onnotice: () => undefined,
    });
    await refusesAs(asWeb`alter table person disable row level security`);
    await refusesAs(asWeb`drop policy of_owner on person`);
    expect([...(await asWeb`select * from person`)]).toEqual([]); // nobody is named
    await asWeb.end();
  });
  const refusesAs = (query: Promise<unknown>) => expect(query).rejects.toThrow(/must be owner/);
});
