import { randomUUID } from "node:crypto";
import postgres from "postgres";
import { inject } from "vitest";
import { learntQuiet } from "@/server/logbook/learn";
import { recomputed } from "@/server/outings/recompute";
import { openDatabase, type OpenDatabase } from "@/db";
import { NEWEST } from "./database";

export type FreshDatabase = OpenDatabase & { readonly url: string; readonly sql: postgres.Sql };

/** A database of its own on the tests' server, with nothing in it. @returns its name and address */
export async function newDatabase(copyOf = "template1"): Promise<{ readonly name: string; readonly url: string }> {
  const server = postgres(inject("databaseUrl"), { max: 1 });
  const name = `test_${randomUUID().replaceAll("-", "")}`;
  await server.unsafe(`create database ${name} template ${copyOf}`);
  await server.end();
  return { name, url: inject("databaseUrl").replace(/\/umiak$/, `/${name}`) };
}

/**
 * A database of its own on the tests' server, with nothing in its tables.
 * @param copyOf name of another that nobody is connected to; the newest tables where none is given
 */
export async function freshDatabase(copyOf = NEWEST): Promise<FreshDatabase> {
  const { url } = await newDatabase(copyOf);
  const open = openDatabase(url);
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
