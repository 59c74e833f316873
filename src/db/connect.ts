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

/** Opens a pool on a PostgreSQL server. */
export function openDatabase(url: string): OpenDatabase {
  const client = postgres(url, {
    max: MOST_CONNECTIONS,
    connect_timeout: CONNECT_TIMEOUT_S,
    onnotice: () => undefined,
  });
  return {
    database: drizzle(client, { schema, casing: "snake_case" }),
    close: () => client.end({ timeout: 5 }),
  };
}

/** Brings the tables to the newest migration. */
export const migrateDatabase = (database: Database, folder: string): Promise<void> =>
  migrate(database, { migrationsFolder: folder });
