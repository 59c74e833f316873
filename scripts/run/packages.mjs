import { createHash } from "node:crypto";
import { accessSync, constants, existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { mustExecute } from "./execute.mjs";
import { ROOT } from "./paths.mjs";
import { PlainError, say } from "./say.mjs";

const DEBIAN_POSTGRES = "/usr/lib/postgresql";

/** @param {string} file */
function isExecutable(file) {
  try {
    accessSync(file, constants.X_OK);
    return true;
  } catch {
    return false;
  }
}

/** Folder with postgres and initdb: the newest of Debian's, else the first on the PATH. */
export function findPostgres() {
  const debian = existsSync(DEBIAN_POSTGRES)
    ? readdirSync(DEBIAN_POSTGRES)
        .sort((one, other) => Number(other) - Number(one))
        .map((version) => path.join(DEBIAN_POSTGRES, version, "bin"))
    : [];
  const onPath = (process.env.PATH ?? "").split(":").filter(Boolean);
  return [...debian, ...onPath].find(
    (folder) => isExecutable(path.join(folder, "postgres")) && isExecutable(path.join(folder, "initdb")),
  );
}

/** Chromium without windows: nothing of it is busy but the pages, so that browser tests take less time. */
const WINDOWLESS = "/usr/bin/chromium-headless-shell";
export const findChromium = () => [WINDOWLESS, "/usr/bin/chromium", "/usr/bin/chromium-browser"].find(isExecutable);

/**
 * Installs one of Debian's packages, or prints the line to run when only root could.
 * @param {string} name
 * @param {string} reason
 */
async function installDebian(name, reason) {
  const line = `apt-get update && apt-get install -y --no-install-recommends ${name}`;
  if (!isExecutable("/usr/bin/apt-get"))
    throw new PlainError(`${reason}: install ${name} with your system's package manager, then run this again.`);
  if (process.getuid?.() !== 0)
    throw new PlainError(`${reason}. Only root can install it; run:  sudo sh -c '${line}'  and then this again.`);
  say(`installing Debian's ${name} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  await mustExecute(`installing ${name}`, "sh", ["-c", line], { env });
}

/** @returns {Promise<string>} folder with PostgreSQL's programs */
export async function ensurePostgres() {
  if (!findPostgres()) await installDebian("postgresql", "PostgreSQL is missing");
  const found = findPostgres();
  if (!found)
    throw new PlainError("PostgreSQL was installed but its programs were not found under /usr/lib/postgresql.");
  return found;
}

/** @returns {Promise<string>} Debian's Chromium, without windows where that can be had */
export async function ensureChromium() {
  if (!isExecutable(WINDOWLESS)) {
    await installDebian("chromium-headless-shell", "Chromium without windows is missing").catch((error) => {
      if (findChromium()) say("it cannot be had; the whole Chromium serves the browser tests");
      else throw error;
    });
  }
  const found = findChromium();
  if (!found) throw new PlainError(`Chromium was installed but ${WINDOWLESS} is not there.`);
  return found;
}

/** What the commands run of them: where one is missing the folder was damaged, whatever its stamp says. */
const NEEDED = ["astro", "vite", "tsx", "postgres", "react", "drizzle-orm", "piscina"];
const areWhole = () => NEEDED.every((name) => existsSync(path.join(ROOT, "node_modules", name, "package.json")));

/** Installs the packages of the lock file unless they are there already. */
export async function ensureNodeModules() {
  const lock = createHash("sha256")
    .update(readFileSync(path.join(ROOT, "package-lock.json")))
    .digest("hex");
  const stamp = path.join(ROOT, "node_modules", ".umiak-lock");
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lock && areWhole()) return;
  say("installing packages (npm ci) …");
  await mustExecute("npm ci", "npm", ["ci", "--no-audit", "--no-fund"], { cwd: ROOT });
  writeFileSync(stamp, lock);
}
