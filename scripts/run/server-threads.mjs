// The files that run beside the web process, in its threads and as a worker of their own, bundled like what people run.
import path from "node:path";
import { build } from "vite";
import { sourceAliases } from "../messages/languages.mjs";
import { ROOT } from "./paths.mjs";

const SOURCES = { "server-threads": "src/server/threads/worker.ts", "job-worker": "src/server/jobs/worker.ts" };
const FILE = "server-threads.mjs";

/**
 * Bundles them.
 * @param {string} outDir
 * @returns {Promise<string>} path of what runs in threads, for UMIAK_THREADS
 */
export async function buildServerThreads(outDir) {
  await build({
    root: ROOT,
    configFile: false,
    logLevel: "error",
    resolve: { alias: sourceAliases() },
    build: {
      ssr: true,
      outDir,
      emptyOutDir: false,
      copyPublicDir: false,
      minify: false,
      target: "node20",
      rollupOptions: { input: SOURCES, output: { entryFileNames: "[name].mjs" } },
    },
  });
  return path.join(outDir, FILE);
}

/** Where the tests and the development server keep theirs. */
export const CACHED_THREADS_DIR = path.join(ROOT, "node_modules", ".cache", "umiak-threads");
