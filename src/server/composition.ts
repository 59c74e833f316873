import { openScopedDatabases, type Database, type ScopedDatabases } from "@/db";
import { currentOwnerId } from "./access";
import { inventedForecasts } from "./forecast/invented-forecasts";
import { openQueue, type PartQueue } from "./jobs/queue";
import { simulatedMails } from "./accounts/simulated-mails";
import { mailFolder } from "./accounts/mail-folder";
import type { Forecasts } from "./ports/forecasts";
import type { Mails } from "./ports/mails";

let open: ScopedDatabases | null = null;

/** Where the database is, with its password. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: run ./umiak start, or npm run dev");
  return url;
}

const databases = (): ScopedDatabases => (open ??= openScopedDatabases(databaseUrl()));

/** Accounts alone: it sees no owner's rows. */
export const accountsDatabase = (): Database => databases().forNobody;

/** The database as an owner sees it, for what nobody signed in for: a logger, a mail's link. */
export const databaseFor = (ownerId: string): Database => databases().for(ownerId);

/** The database as whoever is asking sees it; the pool is opened at first use. @throws {AppError} `not-signed-in` */
export function database(): Database {
  return databases().for(currentOwnerId());
}

const invented = inventedForecasts();
/** Where forecasts come from; a real service is put in here. */
export const forecasts = (): Forecasts => invented;

let mailing: Mails | null = null;
/** Who sends mails; a real service is put in here. */
export const mails = (): Mails => (mailing ??= simulatedMails(mailFolder()));

let queue: Promise<PartQueue> | null = null;
/** Where long computations are put for workers; opened at first use, and again where that failed. */
export function jobQueue(): Promise<PartQueue> {
  queue ??= openQueue(databaseUrl()).catch((error: unknown) => {
    queue = null;
    throw error;
  });
  return queue;
}
