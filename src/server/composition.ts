import { openScopedDatabases, type Database, type ScopedDatabases } from "@/db";
import { currentOwnerId } from "./access";
import { inventedForecasts } from "./forecast/invented-forecasts";
import { openQueue, type PartQueue } from "./jobs/queue";
import type { Forecasts } from "./ports/forecasts";

let open: ScopedDatabases | null = null;

/** Where the database is, with its password. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: run ./umiak start, or npm run dev");
  return url;
}

/** The database as whoever is asking sees it; the pool is opened at first use. @throws {AppError} `not-signed-in` */
export function database(): Database {
  open ??= openScopedDatabases(databaseUrl());
  return open.for(currentOwnerId());
}

const invented = inventedForecasts();
/** Where forecasts come from; a real service is put in here. */
export const forecasts = (): Forecasts => invented;

let queue: Promise<PartQueue> | null = null;
/** Where long computations are put for workers; opened at first use, and again where that failed. */
export function jobQueue(): Promise<PartQueue> {
  queue ??= openQueue(databaseUrl()).catch((error: unknown) => {
    queue = null;
    throw error;
  });
  return queue;
}
