import { drizzle, type PostgresJsDatabase } from "drizzle-orm/postgres-js";
import { migrate } from "drizzle-orm/postgres-js/migrator";
import postgres from "postgres";
import * as schema from "./schema";

export type Database = PostgresJsDatabase<typeof schema>;
/** A database or a transaction on it. */
export type Connection = Database | Parameters<Parameters<Database["transaction"]>[0]>[0];

export type OpenDatabase = { readonly database: Database; close(): Promise<void> };

const MOST_CONNECTIONS = 10;
const CONNECT_TIMEOUT_S = 10;
/** What waits longer is given up, so that one held row never holds up everybody, ms. */
const STATEMENT_TIMEOUT_MS = 60_000;
const LOCK_TIMEOUT_MS = 10_000;
const IDLE_IN_TRANSACTION_TIMEOUT_MS = 60_000;

/** Opens a pool on a PostgreSQL server. */
export function openDatabase(url: string): OpenDatabase {
  const client = postgres(url, {
    max: MOST_CONNECTIONS,
    connect_timeout: CONNECT_TIMEOUT_S,
    connection: {
      statement_timeout: STATEMENT_TIMEOUT_MS,
      lock_timeout: LOCK_TIMEOUT_MS,
      idle_in_transaction_session_timeout: IDLE_IN_TRANSACTION_TIMEOUT_MS,
    },
    onnotice: () => undefined,
  });
  return {
    database: drizzle(client, { schema, casing: "snake_case" }),
    close: () => client.end({ timeout: 5 }),
  };
}

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

/** Brings the tables to the newest migration. */
export const migrateDatabase = (database: Database, folder: string): Promise<void> =>
  migrate(database, { migrationsFolder: folder });
