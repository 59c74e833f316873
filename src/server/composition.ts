import { openDatabase, type Database, type OpenDatabase } from "@/db";

let open: OpenDatabase | null = null;

/** The database of this process, opened at first use. */
export function database(): Database {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: run ./umiak start, or npm run dev");
  open ??= openDatabase(url);
  return open.database;
}
