import { randomUUID } from "node:crypto";
import postgres from "postgres";
import { inject } from "vitest";
import { learntQuiet } from "@/server/logbook/learn";
import { recomputed } from "@/server/outings/recompute";
import { migrateDatabase, openDatabase, type OpenDatabase } from "@/db";

export type FreshDatabase = OpenDatabase & { readonly url: string; readonly sql: postgres.Sql };

/**
 * A database of its own on the tests' server, with nothing in its tables.
 * @param migrations folder; all there are where none is given
 */
export async function freshDatabase(migrations = "src/db/migrations"): Promise<FreshDatabase> {
  const server = postgres(inject("databaseUrl"), { max: 1 });
  const name = `test_${randomUUID().replaceAll("-", "")}`;
  await server.unsafe(`create database ${name}`);
  await server.end();
  const url = inject("databaseUrl").replace(/\/umiak$/, `/${name}`);
  const open = openDatabase(url);
  await migrateDatabase(open.database, migrations);
  const sql = postgres(url, { max: 1, onnotice: () => undefined });
  return {
    ...open,
    url,
    sql,
    close: async () => {
      await recomputed();
      await learntQuiet();
      await sql.end();
      await open.close();
    },
  };
}
