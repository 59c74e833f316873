// Runs a script as what people run is built: bundled first. Unbundled modules are several times slower, because the
// engine cannot fold constants across them.
import { fileURLToPath, pathToFileURL } from "node:url";
import { existsSync, readdirSync, renameSync, rmSync, statSync } from "node:fs";
import path from "node:path";
import { build } from "vite";
import { sourceAliases } from "./messages/languages.mjs";

const root = fileURLToPath(new URL("../", import.meta.url));

const SOURCES = ["src", "scripts", "messages"].map((folder) => path.join(root, folder));

/** Whether a file stands that is newer than all it could be made of. */
function isUpToDate(file) {
  if (!existsSync(file)) return false;
  const madeMs = statSync(file).mtimeMs;
  return !SOURCES.some((folder) =>
    readdirSync(folder, { recursive: true, withFileTypes: true }).some(
      (entry) => entry.isFile() && statSync(path.join(entry.parentPath, entry.name)).mtimeMs > madeMs,
    ),
  );
}

/**
 * Bundles a script of this folder where its sources have changed, and runs it.
 * @param {string} entry path from the project's root
 * @param {string} name of the bundle in the cache
 */
export async function runBundled(entry, name) {
  const outDir = path.join(root, "node_modules", ".cache", name);
  const file = path.join(outDir, "main.mjs");
  if (!isUpToDate(file)) {
    // Made beside it and moved: another run may be reading the old one.
    const fresh = `${outDir}-${process.pid}`;
    await bundle(entry, fresh);
    rmSync(outDir, { recursive: true, force: true });
    renameSync(fresh, outDir);
  }
  await import(pathToFileURL(file).href);
}

async function bundle(entry, outDir) {
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
}
