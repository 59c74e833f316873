import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { LANGUAGES } from "../messages/languages.mjs";
import { mustExecute } from "./execute.mjs";
import { ROOT, tool } from "./paths.mjs";
import { say } from "./say.mjs";

const SOURCES = [
  "src",
  "messages",
  "scripts/messages",
  "public",
  "astro.config.mjs",
  "scripts/run/server-threads.mjs",
  "scripts/run/compress-built.mjs",
  "package-lock.json",
  "tsconfig.json",
];

/** @param {string} entry @returns {string[]} */
function filesUnder(entry) {
  const full = path.join(ROOT, entry);
  if (!existsSync(full)) return [];
  try {
    return readdirSync(full, { withFileTypes: true }).flatMap((child) =>
      child.isDirectory() ? filesUnder(path.join(entry, child.name)) : [path.join(entry, child.name)],
    );
  } catch {
    return [entry];
  }
}

function fingerprint() {
  const hash = createHash("sha256");
  for (const file of SOURCES.flatMap(filesUnder).sort()) hash.update(file).update(readFileSync(path.join(ROOT, file)));
  return hash.digest("hex");
}

const STAMP = path.join(ROOT, "dist", ".umiak-build");
/** What a build leaves: where one is missing it was damaged, whatever its stamp says. */
const BUILT = [
  "server/entry.mjs",
  "server/server-threads.mjs",
  "server/job-worker.mjs",
  "client/_astro",
  "client/built-files.json",
];
const isWhole = () =>
  LANGUAGES.every((language) => BUILT.every((file) => existsSync(path.join(ROOT, "dist", language, file))));

/** Has the next start build anew: what was built does not run. */
export const removeBuild = () => rmSync(STAMP, { force: true });

/** Builds the application unless what was built is of these very sources. */
export async function ensureBuild() {
  const current = fingerprint();
  if (existsSync(STAMP) && readFileSync(STAMP, "utf8") === current && isWhole()) return;
  say("building …");
  (await import("../messages/compile.mjs")).compileMessages(); // its packages are there only now
  // Beside each other: each waits for its disk and its one processor most of the time.
  await Promise.all(
    LANGUAGES.map((language) => {
      const env = { ...process.env, ASTRO_TELEMETRY_DISABLED: "1", UMIAK_LANGUAGE: language };
      return mustExecute(`the build in ${language}`, tool("astro"), ["build"], { cwd: ROOT, env });
    }),
  );
  writeFileSync(STAMP, current);
}
