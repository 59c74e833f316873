import { existsSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { PlainError } from "./say.mjs";

/** @param {number} pid @returns {boolean} whether it is a launcher that runs */
function isLauncher(pid) {
  if (!Number.isInteger(pid) || pid <= 0 || pid === process.pid) return false;
  try {
    process.kill(pid, 0);
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code !== "EPERM") return false;
  }
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").includes("run/main.mjs");
  } catch {
    return true; // it runs, and nothing says that it is something else
  }
}

/**
 * Holds a data folder for this launcher: of two on one folder the second would stop the first one's database.
 * @param {string} folder
 */
export function holdFolder(folder) {
  const file = path.join(folder, "launcher-pid");
  const before = existsSync(file) ? Number(readFileSync(file, "utf8").trim()) : NaN;
  if (isLauncher(before)) {
    throw new PlainError(
      `Umiak already runs on ${folder} (process ${before}). Use that one, stop it, or give another folder: UMIAK_DATA_DIR=…`,
    );
  }
  writeFileSync(file, String(process.pid));
  process.on("exit", () => rmSync(file, { force: true }));
}
