import { mkdirSync } from "node:fs";
import { availableParallelism } from "node:os";
import { ensureBuild, removeBuild } from "./build.mjs";
import { startCluster } from "./cluster.mjs";
import { mustExecute } from "./execute.mjs";
import { ensureNodeModules, ensurePostgres } from "./packages.mjs";
import { dataFolder, ROOT, tool } from "./paths.mjs";
import { checkDisk, checkNode, checkPortFree, wantedAddress, wantedPort } from "./preconditions.mjs";
import { PlainError, say } from "./say.mjs";
import { holdFolder } from "./hold-folder.mjs";
import { startWeb } from "./web.mjs";
import { webUrlOf } from "./web-role.mjs";
import { keepWorker } from "./work.mjs";

/**
 * The database an environment names, or a private one.
 * @returns {Promise<{ url: string, exited: Promise<void>, stop: () => Promise<void> }>}
 */
export async function openDatabase() {
  const given = process.env.DATABASE_URL;
  if (given) {
    say("using the database of DATABASE_URL");
    return { url: given, exited: new Promise(() => undefined), stop: async () => undefined };
  }
  const programs = await ensurePostgres();
  say("starting the database …");
  return startCluster({ programs, dataFolder: dataFolder() });
}

/** @param {string} databaseUrl */
export async function prepareDatabase(databaseUrl) {
  const env = { ...process.env, DATABASE_URL: databaseUrl };
  const output = await mustExecute("preparing the database", tool("tsx"), ["scripts/database/prepare.ts"], {
    cwd: ROOT,
    env,
  });
  for (const line of output.trim().split("\n").filter(Boolean)) say(line);
}

/** So many long computations' parts at a time; more workers may be started on other machines. */
const MOST_WORKERS = 2;

/** A web process that ends by itself is started again, after pauses that double; after so many ends in a row it is given up. */
const MOST_RESTARTS = 5;
const FIRST_PAUSE_MS = 500;
/** One that has run so long is well: its next end counts as the first. */
const WELL_AFTER_MS = 60_000;

/** @typedef {{ port: number, databaseUrl: string, lan: import("./lan/prepare.mjs").Lan | null }} How */

/** @param {How} how */
async function startWebOrRebuild(how) {
  try {
    return await startWeb(how);
  } catch (error) {
    if (!(error instanceof PlainError)) throw error;
    say("what was built does not run; building it anew …");
    removeBuild();
    await ensureBuild();
    return startWeb(how);
  }
}

/**
 * Keeps a web process running until something ends that is not it.
 * @param {How} how @param {Promise<string>} ending
 */
async function keepWeb(how, ending) {
  let web = await startWebOrRebuild(how);
  say(`ready at http://127.0.0.1:${how.port}/  (stop with Ctrl-C)`);
  if (how.lan) await (await import("./lan/prepare.mjs")).tellLan(how.lan);
  for (let restarts = 0; ; restarts++) {
    const startedAt = Date.now();
    const ended = await Promise.race([ending, web.exited.then(() => "web")]);
    if (ended !== "web") {
      if (ended === "asked") say("stopping …");
      await web.stop();
      return ended;
    }
    if (Date.now() - startedAt > WELL_AFTER_MS) restarts = 0;
    if (restarts >= MOST_RESTARTS)
      throw new PlainError(
        "the web server ended by itself again and again; its messages stand above. Nothing saved is lost.",
      );
    say("the web server ended by itself; starting it again …");
    await new Promise((resolve) => setTimeout(resolve, FIRST_PAUSE_MS * 2 ** restarts));
    web = await startWeb(how);
  }
}

/**
 * Sets up all that is missing, starts, and stays until told to stop.
 * @param {{ isLan?: boolean }} [how] whether paired devices of the network are answered too
 * @returns {Promise<number>} exit code
 */
export async function start({ isLan = false } = {}) {
  checkNode();
  const port = wantedPort();
  wantedAddress();
  const folder = dataFolder();
  checkDisk(ROOT);
  mkdirSync(folder, { recursive: true });
  checkDisk(folder);
  await checkPortFree(port);
  holdFolder(folder);

  /** @type {(() => void) | undefined} */
  let requestStop;
  /** @type {Promise<"asked">} */
  const asked = new Promise((resolve) => (requestStop = () => resolve("asked")));
  for (const signal of /** @type {const} */ (["SIGINT", "SIGTERM", "SIGHUP"]))
    process.on(signal, () => requestStop?.());

  await ensureNodeModules();
  // Its packages are there only now.
  const lan = isLan ? await (await import("./lan/prepare.mjs")).prepareLan({ port, dataFolder: folder }) : null;
  const [database] = await Promise.all([openDatabase(), ensureBuild()]);
  try {
    await prepareDatabase(database.url);
    const databaseUrl = webUrlOf(database.url);
    const ending = Promise.race([asked, database.exited.then(() => "database")]);
    const workers = Math.min(MOST_WORKERS, availableParallelism());
    const working = Promise.all(Array.from({ length: workers }, () => keepWorker(databaseUrl, ending)));
    const ended = await keepWeb({ port, databaseUrl, lan }, ending).finally(() => {
      requestStop?.();
      return working;
    });
    if (ended === "database")
      throw new PlainError("the database ended by itself. Run ./umiak start again: it recovers what was saved.");
  } finally {
    await database.stop();
  }
  say("stopped");
  return 0;
}
