import { mkdirSync } from "node:fs";
import { ensureBuild } from "./build.mjs";
import { startCluster } from "./cluster.mjs";
import { mustExecute } from "./execute.mjs";
import { ensureNodeModules, ensurePostgres } from "./packages.mjs";
import { dataFolder, ROOT, tool } from "./paths.mjs";
import { checkDisk, checkNode, checkPortFree, wantedPort } from "./preconditions.mjs";
import { PlainError, say } from "./say.mjs";
import { startWeb } from "./web.mjs";

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

/** Sets up all that is missing, starts, and stays until told to stop. @returns {Promise<number>} exit code */
export async function start() {
  checkNode();
  const port = wantedPort();
  const folder = dataFolder();
  checkDisk(ROOT);
  mkdirSync(folder, { recursive: true });
  checkDisk(folder);
  await checkPortFree(port);

  /** @type {(() => void) | undefined} */
  let requestStop;
  /** @type {Promise<"asked">} */
  const asked = new Promise((resolve) => (requestStop = () => resolve("asked")));
  for (const signal of /** @type {const} */ (["SIGINT", "SIGTERM", "SIGHUP"]))
    process.on(signal, () => requestStop?.());

  await ensureNodeModules();
  const [database] = await Promise.all([openDatabase(), ensureBuild()]);
  try {
    await prepareDatabase(database.url);
    const web = await startWeb({ port, databaseUrl: database.url });
    say(`ready at http://127.0.0.1:${port}/  (stop with Ctrl-C)`);
    const ended = await Promise.race([asked, web.exited.then(() => "web"), database.exited.then(() => "database")]);
    if (ended === "asked") say("stopping …");
    await web.stop();
    if (ended === "web")
      throw new PlainError("the web server ended by itself. Run ./umiak start again: nothing saved is lost.");
    if (ended === "database")
      throw new PlainError("the database ended by itself. Run ./umiak start again: it recovers what was saved.");
  } finally {
    await database.stop();
  }
  say("stopped");
  return 0;
}
