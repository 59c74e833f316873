import { sql } from "drizzle-orm";
import { drizzle, type PostgresJsDatabase } from "drizzle-orm/postgres-js";
import { migrate } from "drizzle-orm/postgres-js/migrator";
import { LRUCache } from "lru-cache";
import postgres from "postgres";
import { SCOPED_ROLE, scopedClient } from "./owner-scope";
import * as schema from "./schema";

export type Database = PostgresJsDatabase<typeof schema>;
/** A database or a transaction on it. */
export type Connection = Database | Parameters<Parameters<Database["transaction"]>[0]>[0];

export type OpenDatabase = {
  /** As whoever the address names: for setting up, which sees every owner's rows. */
  readonly database: Database;
  close(): Promise<void>;
};

/** A database whose statements see the rows of one owner alone. */
export type ScopedDatabases = {
  for(ownerId: string): Database;
  /** Sees accounts, and no owner's rows. */
  readonly forNobody: Database;
  close(): Promise<void>;
};

const MOST_CONNECTIONS = 10;
const CONNECT_TIMEOUT_S = 10;
/** What waits longer is given up, so that one held row never holds up everybody, ms. */
const STATEMENT_TIMEOUT_MS = 60_000;
const LOCK_TIMEOUT_MS = 10_000;
const IDLE_IN_TRANSACTION_TIMEOUT_MS = 60_000;

const clientOn = (url: string, role: { readonly role?: string } = {}): postgres.Sql =>
  postgres(url, {
    max: MOST_CONNECTIONS,
    connect_timeout: CONNECT_TIMEOUT_S,
    connection: {
      statement_timeout: STATEMENT_TIMEOUT_MS,
      lock_timeout: LOCK_TIMEOUT_MS,
      idle_in_transaction_session_timeout: IDLE_IN_TRANSACTION_TIMEOUT_MS,
      ...role,
    },
    onnotice: () => undefined,
  });
const drizzled = (client: postgres.Sql): Database => drizzle(client, { schema, casing: "snake_case" });
const closing = (client: postgres.Sql) => (): Promise<void> => client.end({ timeout: 5 });

/** Opens a pool on a PostgreSQL server. */
export function openDatabase(url: string): OpenDatabase {
  const client = clientOn(url);
  return { database: drizzled(client), close: closing(client) };
}

/** So many owners' views of one pool are kept; making one again costs a millisecond. */
const MOST_SCOPES = 500;

/** Opens a pool whose connections take the role that row-level security holds, for one owner at a time. */
export function openScopedDatabases(url: string): ScopedDatabases {
  const client = clientOn(url, { role: SCOPED_ROLE });
  const byOwner = new LRUCache<string, Database>({ max: MOST_SCOPES });
  return {
    for: (ownerId) => {
      const known = byOwner.get(ownerId) ?? drizzled(scopedClient(client, ownerId));
      byOwner.set(ownerId, known);
      return known;
    },
    forNobody: drizzled(scopedClient(client, null)),
    close: closing(client),
  };
}

/** Reads nothing of anybody. @throws where the database does not answer */
export const isReached = async (database: Database): Promise<void> => void (await database.execute(sql`select 1`));

/** What PostgreSQL answers where two transactions met: done again, either may pass. */
const MET_ANOTHER = ["40001", "40P01"]; // serialization failure, deadlock
const MOST_TRIES = 4;

/** The code of a fault of the database's own, also of one wrapped. */
export function faultCode(error: unknown): string | null {
  for (let at: unknown = error; at instanceof Error; at = at.cause) {
    if ("code" in at && typeof at.code === "string") return at.code;
  }
  return null;
}

/** Runs work in a transaction, again where it met another one's; the work may not change anything outside of it. */
export async function inTransaction<Result>(
  database: Database,
  work: (transaction: Connection) => Promise<Result>,
): Promise<Result> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await database.transaction(work);
    } catch (error) {
      if (attempt === MOST_TRIES || !MET_ANOTHER.includes(faultCode(error) ?? "")) throw error;
    }
  }
}

/** Runs reading work on one snapshot of the database: what is saved meanwhile is seen whole or not at all. */
export const oneSnapshot = <Result>(
  database: Database,
  work: (transaction: Connection) => Promise<Result>,
): Promise<Result> => database.transaction(work, { isolationLevel: "repeatable read", accessMode: "read only" });

/** Serialises those who set up beside each other: two on one database, or on databases of one server, whose roles are shared. */
const SETTING_UP = 7_450_021;

/** Brings the tables to the newest migration; machines that start together do it one after the other. */
export async function migrateDatabase(database: Database, folder: string): Promise<void> {
  const client = (database as unknown as { readonly $client: postgres.Sql }).$client;
  const holder = await client.reserve();
  try {
    await holder`select pg_advisory_lock(${SETTING_UP})`;
    await migrate(database, { migrationsFolder: folder });
  } finally {
    await holder`select pg_advisory_unlock(${SETTING_UP})`;
    holder.release();
  }
}

/**
 * Lets the role of web processes sign in, and use the queue; whoever sets up may do that.
 * @param password hexadecimal digits; `null` where the database asks for none
 */
export async function letWebIn(database: Database, password: string | null): Promise<void> {
  if (password !== null && !/^[0-9a-f]+$/.test(password)) throw new Error("a password of hexadecimal digits is needed");
  const role = sql.raw(SCOPED_ROLE);
  await database.transaction(async (transaction) => {
    await transaction.execute(sql`select pg_advisory_xact_lock(${SETTING_UP})`);
    if (password !== null)
      await transaction.execute(sql`alter role ${role} login password ${sql.raw(`'${password}'`)}`);
    await transaction.execute(sql`grant usage on schema pgboss to ${role}`);
    await transaction.execute(sql`grant select, insert, update, delete on all tables in schema pgboss to ${role}`);
    await transaction.execute(sql`grant execute on all functions in schema pgboss to ${role}`);
  });
}
