import { existsSync } from "node:fs";
import { spawn } from "node:child_process";
import { LANGUAGES } from "../messages/languages.mjs";
import { ensureBuild } from "./build.mjs";
import { ensureNodeModules } from "./packages.mjs";
import path from "node:path";
import { ROOT } from "./paths.mjs";
import { checkNode } from "./preconditions.mjs";
import { PlainError, say } from "./say.mjs";
import { webUrlOf } from "./web-role.mjs";
import { stopChild } from "./stop-child.mjs";

const WORKER = path.join(ROOT, "dist", LANGUAGES[0], "server", "job-worker.mjs");

/**
 * Starts a process that does long computations.
 * @param {string} databaseUrl
 */
export function startWorker(databaseUrl) {
  const env = { ...process.env, DATABASE_URL: databaseUrl, NODE_ENV: "production" };
  const child = spawn(process.execPath, [WORKER], {
    cwd: ROOT,
    env,
    detached: true,
    stdio: ["ignore", "inherit", "inherit", "ipc"],
  });
  /** @type {Promise<number | null>} */
  const exited = new Promise((resolve) => child.once("exit", resolve));
  return {
    exited,
    stop: () => stopChild(child, exited, STOP_TIMEOUT_MS),
  };
}

/** A part that is being computed is let go: another worker does it. */
const STOP_TIMEOUT_MS = 3000;
const PAUSE_MS = 2000;

/**
 * Keeps a worker running until it is told to stop.
 * @param {string} databaseUrl @param {Promise<unknown>} ending
 */
export async function keepWorker(databaseUrl, ending) {
  for (;;) {
    const worker = startWorker(databaseUrl);
    const ended = await Promise.race([ending.then(() => "asked"), worker.exited.then(() => "worker")]);
    if (ended === "asked") return worker.stop();
    say("the worker for long computations ended by itself; starting it again …");
    const pause = await Promise.race([
      ending.then(() => "asked"),
      new Promise((resolve) => setTimeout(() => resolve("over"), PAUSE_MS)),
    ]);
    if (pause === "asked") return;
  }
}

/** One worker more, for a database that is there already. @returns {Promise<number>} exit code */
export async function work() {
  checkNode();
  const url = process.env.DATABASE_URL;
  if (!url)
    throw new PlainError(
      "a worker needs the database it works for: DATABASE_URL=postgres://… ./umiak work (./umiak start has a worker of its own).",
    );
  await ensureNodeModules();
  if (!existsSync(WORKER)) await ensureBuild();
  /** @type {Promise<void>} */
  const asked = new Promise((resolve) => {
    for (const signal of /** @type {const} */ (["SIGINT", "SIGTERM", "SIGHUP"])) process.on(signal, () => resolve());
  });
  say("working for DATABASE_URL  (stop with Ctrl-C)");
  await keepWorker(webUrlOf(url), asked);
  say("stopped");
  return 0;
}
