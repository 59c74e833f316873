import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { mustExecute } from "./execute.mjs";
import { ROOT, tool } from "./paths.mjs";
import { say } from "./say.mjs";

const SOURCES = [
  "src",
  "public",
  "astro.config.mjs",
  "scripts/run/server-threads.mjs",
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

/** Builds the application unless what was built is of these very sources. */
export async function ensureBuild() {
  const stamp = path.join(ROOT, "dist", ".umiak-build");
  const current = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === current) return;
  say("building …");
  const env = { ...process.env, ASTRO_TELEMETRY_DISABLED: "1" };
  await mustExecute("the build", tool("astro"), ["build"], { cwd: ROOT, env });
  writeFileSync(stamp, current);
}
