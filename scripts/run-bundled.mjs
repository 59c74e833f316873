// Runs a script as what people run is built: bundled first. Unbundled modules are several times slower, because the
// engine cannot fold constants across them.
import { fileURLToPath, pathToFileURL } from "node:url";
import path from "node:path";
import { build } from "vite";
import { sourceAliases } from "./messages/languages.mjs";

const root = fileURLToPath(new URL("../", import.meta.url));

/**
 * Bundles a script of this folder and runs it.
 * @param {string} entry path from the project's root
 * @param {string} name of the bundle in the cache
 */
export async function runBundled(entry, name) {
  const outDir = path.join(root, "node_modules", ".cache", name);
  await build({
    root,
    configFile: false,
    logLevel: "error",
    resolve: { alias: sourceAliases() },
    build: {
      ssr: entry,
      outDir,
      emptyOutDir: true,
      minify: false,
      target: "node20",
      rollupOptions: { output: { entryFileNames: "main.mjs" } },
    },
  });
  await import(pathToFileURL(path.join(outDir, "main.mjs")).href);
}
