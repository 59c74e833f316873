import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import path from "node:path";
import { build, type Plugin as BundlerPlugin } from "esbuild";
import type { Plugin } from "vitest/config";
import { sourceAliases } from "../../scripts/messages/languages.mjs";

/** What replaces modules, or reads them anew, needs them apart and a world of its own; globals are put back by who stubs them. */
const WORLD_OF_ITS_OWN = /\bvi\.(mock|doMock|hoisted|resetModules|useFakeTimers)\b/;
const TEST_FILE = /\.test\.tsx?$/;
const CACHE = path.resolve("node_modules/.cache"); // within the project, so that packages are found from there

const testsUnder = (folders: readonly string[]): string[] =>
  folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: "utf8" })
      .map((name) => path.join(folder, name))
      .filter((file) => TEST_FILE.test(file)),
  );

/** Test files under some folders that need a world of their own, as paths from the project's root. */
export const testsApart = (folders: readonly string[]): string[] =>
  testsUnder(folders).filter((file) => WORLD_OF_ITS_OWN.test(readFileSync(file, "utf8")));

/** Scripts find the project's folder by where they lie: they stay there. */
const scriptsStay: BundlerPlugin = {
  name: "scripts-stay",
  setup: ({ onResolve }) =>
    onResolve({ filter: /^\.{1,2}\/.*\.mjs$/ }, ({ path: file, resolveDir }) => ({
      path: path.resolve(resolveDir, file),
      external: true,
    })),
};

/** Files that a page asks for by their address: nobody asks for them here. */
const addressesAreNames: BundlerPlugin = {
  name: "addresses-are-names",
  setup: ({ onResolve, onLoad }) => {
    onResolve({ filter: /\?url$/ }, ({ path: file }) => ({ path: file, namespace: "address" }));
    onLoad({ filter: /.*/, namespace: "address" }, ({ path: file }) => ({ contents: file, loader: "text" }));
  },
};

/** Bundles tests with the sources they import, what several import once. @returns the folder they are in */
async function bundle(folders: readonly string[]): Promise<string> {
  mkdirSync(CACHE, { recursive: true });
  const folder = mkdtempSync(path.join(CACHE, "umiak-tests-"));
  process.on("exit", () => rmSync(folder, { recursive: true, force: true }));
  await build({
    entryPoints: testsUnder(folders),
    outbase: ".",
    outdir: folder,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    splitting: true,
    format: "esm",
    platform: "node",
    packages: "external",
    plugins: [scriptsStay, addressesAreNames],
    alias: sourceAliases(),
    define: { "import.meta.env.SSR": "true" },
    sourcemap: "linked",
  });
  return folder;
}

/**
 * Runs tests from bundles, as sources are bundled for those who use them: an engine that meets every constant behind a
 * getter of another module simulates three times slower, and reading the sources again for each file of tests would take
 * as long as running it.
 */
export function bundledTests(folders: readonly string[]): Plugin {
  let bundled: Promise<string> | undefined;
  return {
    name: "umiak:bundled-tests",
    enforce: "pre",
    async load(id) {
      const [file = ""] = id.split("?");
      if (!TEST_FILE.test(file)) return null;
      const folder = await (bundled ??= bundle(folders));
      const own = path.join(folder, path.relative(process.cwd(), file).replace(/\.tsx?$/, ".mjs"));
      return { code: `import ${JSON.stringify(own)};`, map: { mappings: "" } };
    },
  };
}
