import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { build } from "esbuild";
import type { Plugin } from "vitest/config";
import { sourceAliases } from "../../scripts/messages/languages.mjs";

/** What replaces modules, or reads them anew, needs them apart and a world of its own. */
const WORLD_OF_ITS_OWN = /\bvi\.(mock|doMock|hoisted|resetModules|stubGlobal|useFakeTimers)\b/;
const TEST_FILE = /\.test\.tsx?$/;

/** Places in sources, for whoever looks for a fault: to make and join these maps takes half as long as to read the tests. */
const HAS_MAPS = process.env.UMIAK_WITHOUT_MAPS !== "1";

/** Test files under some folders that need a world of their own, as paths from the project's root. */
export const testsApart = (folders: readonly string[]): string[] =>
  folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: "utf8" })
      .map((name) => path.join(folder, name))
      .filter((file) => TEST_FILE.test(file) && WORLD_OF_ITS_OWN.test(readFileSync(file, "utf8"))),
  );

/**
 * Bundles each test file with the sources it imports, as they are bundled for those who use them: an engine that meets
 * every constant behind a getter of another module simulates three times slower.
 */
export const bundledTests = (): Plugin => ({
  name: "umiak:bundled-tests",
  enforce: "pre",
  async load(id) {
    const [file = ""] = id.split("?");
    if (!TEST_FILE.test(file)) return null;
    const { outputFiles } = await build({
      entryPoints: [file],
      bundle: true,
      write: false,
      outdir: "bundled", // names the output only
      format: "esm",
      platform: "node",
      packages: "external",
      alias: sourceAliases(),
      sourcemap: HAS_MAPS && "linked",
    });
    const [map, code] = [".map", ".js"].map((end) => outputFiles.find((output) => output.path.endsWith(end))?.text);
    return { code: code!, map: map ?? { mappings: "" } };
  },
});
