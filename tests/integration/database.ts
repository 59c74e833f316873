import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import postgres from "postgres";
import type { TestProject } from "vitest/node";
import { migrateDatabase, openDatabase } from "@/db";
import { startCluster } from "../../scripts/run/cluster.mjs";
import { buildServerThreads, CACHED_THREADS_DIR } from "../../scripts/run/server-threads.mjs";
import { findPostgres } from "../../scripts/run/packages.mjs";

declare module "vitest" {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

/** The database with the newest tables and nothing in them, which the tests' own are copies of. */
export const NEWEST = "umiak_newest";

async function makeNewest(url: string): Promise<void> {
  const server = postgres(url, { max: 1 });
  // What these tests write need not outlive the machine: waiting for its disk is most of what a small statement takes.
  for (const setting of ["fsync", "full_page_writes"]) await server.unsafe(`alter system set ${setting} = off`);
  await server`select pg_reload_conf()`;
  await server.unsafe(`create database ${NEWEST}`);
  await server.end();
  const { database, close } = openDatabase(url.replace(/\/umiak$/, `/${NEWEST}`));
  await migrateDatabase(database, "src/db/migrations");
  await close();
}

/** A real PostgreSQL of the tests' own, in a folder that is removed afterwards, and what the server's threads run. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const programs = findPostgres();
  if (!programs) throw new Error("PostgreSQL is missing: run ./umiak test, which installs it");
  const dataFolder = mkdtempSync(path.join(tmpdir(), "umiak-integration-"));
  chmodSync(dataFolder, 0o755); // the postgres user has to pass
  const cluster = await startCluster({ programs, dataFolder });
  await makeNewest(cluster.url);
  project.provide("databaseUrl", cluster.url);
  process.env.UMIAK_THREADS = await buildServerThreads(CACHED_THREADS_DIR);
  return async () => {
    await cluster.stop();
    rmSync(dataFolder, { recursive: true, force: true });
  };
}
