// The file that runs in the server's simulation threads, bundled like what people run.
import path from "node:path";
import { build } from "vite";
import { ROOT } from "./paths.mjs";

const SOURCE = "src/server/simulation/worker.ts";
const FILE = "simulation-worker.mjs";

/**
 * Bundles it.
 * @param {string} outDir
 * @returns {Promise<string>} its path, for UMIAK_SIMULATION_WORKER
 */
export async function buildSimulationWorker(outDir) {
  await build({
    root: ROOT,
    configFile: false,
    logLevel: "error",
    resolve: { alias: { "@": path.join(ROOT, "src") } },
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
export const CACHED_WORKER_DIR = path.join(ROOT, "node_modules", ".cache", "umiak-simulation");
