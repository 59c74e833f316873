// The file that runs in the server's threads, bundled like what people run.
import path from "node:path";
import { build } from "vite";
import { sourceAliases } from "../messages/languages.mjs";
import { ROOT } from "./paths.mjs";

const SOURCE = "src/server/threads/worker.ts";
const FILE = "server-threads.mjs";

/**
 * Bundles it.
 * @param {string} outDir
 * @returns {Promise<string>} its path, for UMIAK_THREADS
 */
export async function buildServerThreads(outDir) {
  await build({
    root: ROOT,
    configFile: false,
    logLevel: "error",
    resolve: { alias: sourceAliases() },
    build: {
      ssr: SOURCE,
      outDir,
      emptyOutDir: false,
      copyPublicDir: false,
      minify: false,
      target: "node20",
      rollupOptions: { output: { entryFileNames: FILE } },
    },
  });
  return path.join(outDir, FILE);
}

/** Where the tests and the development server keep theirs. */
export const CACHED_THREADS_DIR = path.join(ROOT, "node_modules", ".cache", "umiak-threads");
