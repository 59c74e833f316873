import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { TestProject } from "vitest/node";
import { startCluster } from "../../scripts/run/cluster.mjs";
import { buildServerThreads, CACHED_THREADS_DIR } from "../../scripts/run/server-threads.mjs";
import { findPostgres } from "../../scripts/run/packages.mjs";

declare module "vitest" {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

/** A real PostgreSQL of the tests' own, in a folder that is removed afterwards, and what the server's threads run. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const programs = findPostgres();
  if (!programs) throw new Error("PostgreSQL is missing: run ./umiak test, which installs it");
  const dataFolder = mkdtempSync(path.join(tmpdir(), "umiak-integration-"));
  chmodSync(dataFolder, 0o755); // the postgres user has to pass
  const cluster = await startCluster({ programs, dataFolder });
  project.provide("databaseUrl", cluster.url);
  process.env.UMIAK_THREADS = await buildServerThreads(CACHED_THREADS_DIR);
  return async () => {
    await cluster.stop();
    rmSync(dataFolder, { recursive: true, force: true });
  };
}
