import { mkdirSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { availableParallelism } from "node:os";
import path from "node:path";
import { execute } from "./execute.mjs";
import { ensureBuild } from "./build.mjs";
import { ensureChromium, ensureNodeModules, ensurePostgres } from "./packages.mjs";
import { ROOT, tool } from "./paths.mjs";
import { checkDisk, checkNode } from "./preconditions.mjs";
import { say } from "./say.mjs";

/** @typedef {{ passed: number, failed: number }} Count */

const RESULTS = path.join(ROOT, "test-results");

/** @param {string} file @returns {any} what a runner reported, or null when it broke before reporting */
function report(file) {
  try {
    return JSON.parse(readFileSync(path.join(RESULTS, file), "utf8"));
  } catch {
    return null;
  }
}

/**
 * A check that either holds or not.
 * @param {string} name @param {string} command @param {string[]} args @returns {Promise<Count>}
 */
async function check(name, command, args) {
  say(`${name} …`);
  const env = { ...process.env, ASTRO_TELEMETRY_DISABLED: "1" };
  const { code, output } = await execute(command, args, { cwd: ROOT, env });
  if (code === 0) return { passed: 1, failed: 0 };
  console.log(output.trim());
  console.log(`FAILED: ${name}`);
  return { passed: 0, failed: 1 };
}

/** @param {string} name @param {string[]} projects @returns {Promise<Count>} */
async function vitest(name, projects) {
  say(`${name} tests …`);
  const file = `${name}.json`;
  const args = [
    "run",
    ...projects.flatMap((project) => ["--project", project]),
    "--reporter=default",
    "--reporter=json",
    `--outputFile.json=${path.join(RESULTS, file)}`,
  ];
  const { code } = await execute(tool("vitest"), args, { cwd: ROOT, quiet: false });
  const found = report(file);
  const passed = found?.numPassedTests ?? 0;
  const failed = found?.numFailedTests ?? 0;
  // A file that cannot be loaded, or no test at all, counts as a failure too.
  return { passed, failed: code !== 0 && failed === 0 ? 1 : failed + (passed + failed === 0 ? 1 : 0) };
}

/** As many as a small machine has processors. */
const CHECKS_AT_A_TIME = 2;

const FIRST_TEST_PORT = 4479;
/** Each part starts a server, a database and a browser: more than this asks for more memory than time is saved. */
const MOST_PARTS = 2;

/** Every page in every colour and width, or in another language, or a kit searched: a few lines that take minutes. */
const TIMES_ITS_LINES = /** @type {Record<string, number>} */ ({
  "pages.spec.ts": 2,
  "languages.spec.ts": 1.5,
  "dresser.spec.ts": 1.5,
});

/**
 * The files of the end-to-end tests in parts of about the same work: the longest file first, each to the part that has
 * least. Lines stand for seconds; by the runner's own count of tests one part took half as long again as the other.
 * @param {number} parts @returns {string[][]}
 */
function endToEndParts(parts) {
  const folder = path.join(ROOT, "tests/e2e");
  const shares = Array.from({ length: parts }, () => ({ files: /** @type {string[]} */ ([]), lines: 0 }));
  const files = readdirSync(folder)
    .filter((name) => name.endsWith(".spec.ts"))
    .map((name) => ({
      name,
      lines: (TIMES_ITS_LINES[name] ?? 1) * readFileSync(path.join(folder, name), "utf8").split("\n").length,
    }))
    .sort((one, other) => other.lines - one.lines);
  for (const { name, lines } of files) {
    const least = shares.reduce((best, share) => (share.lines < best.lines ? share : best));
    least.files.push(`tests/e2e/${name}`);
    least.lines += lines;
  }
  return shares.map(({ files: own }) => own);
}

/**
 * A part of the end-to-end tests, with a server and a database of its own: tests of one part never see the other's.
 * @param {string} chromium @param {number} part from 1 @param {string[]} files @returns {Promise<Count>}
 */
async function playwrightPart(chromium, part, files) {
  const name = `e2e-${part}.json`;
  const env = {
    ...process.env,
    UMIAK_CHROMIUM: chromium,
    UMIAK_TEST_PORT: String(FIRST_TEST_PORT + part - 1),
    PLAYWRIGHT_JSON_OUTPUT_NAME: path.join(RESULTS, name),
  };
  const args = ["test", ...files, "--reporter=list,json"];
  const { code } = await execute(tool("playwright"), args, { cwd: ROOT, env, quiet: false });
  const stats = report(name)?.stats;
  const passed = (stats?.expected ?? 0) + (stats?.flaky ?? 0);
  const failed = stats?.unexpected ?? 0;
  return { passed, failed: code !== 0 && failed === 0 ? 1 : failed + (passed + failed === 0 ? 1 : 0) };
}

/** @param {string} chromium @returns {Promise<Count[]>} */
function playwright(chromium) {
  const parts = Math.min(MOST_PARTS, availableParallelism());
  say(`end-to-end tests, ${parts} at a time …`);
  return Promise.all(endToEndParts(parts).map((files, place) => playwrightPart(chromium, place + 1, files)));
}

/** Sets up what is missing and runs every check and test. @returns {Promise<number>} exit code */
export async function test() {
  checkNode();
  checkDisk(ROOT);
  await ensureNodeModules();
  await ensurePostgres();
  const chromium = await ensureChromium();
  rmSync(RESULTS, { recursive: true, force: true });
  mkdirSync(RESULTS, { recursive: true });
  await execute(tool("astro"), ["sync"], { cwd: ROOT, env: { ...process.env, ASTRO_TELEMETRY_DISABLED: "1" } });
  // Packages are there only now.
  const { default: pLimit } = await import("p-limit");
  (await import("../messages/compile.mjs")).compileMessages();
  // Each check keeps one processor busy, and waits for its disk.
  const checking = pLimit(CHECKS_AT_A_TIME);
  const counts = await Promise.all(
    /** @type {const} */ ([
      ["types", "astro", ["check", "--minimumFailingSeverity", "error"]], // of pages and of all that is TypeScript
      ["lint", "eslint", [".", "--max-warnings", "0"]],
      ["format", "prettier", ["--check", ".", "--log-level", "warn"]],
      ["unused code", "knip", []],
    ]).map(([name, command, args]) => checking(() => check(name, tool(command), [...args]))),
  );
  // Those on a database follow each other; the others fill the processors meanwhile.
  counts.push(
    ...(await Promise.all([
      vitest("unit", ["core", "unit", "apart", "reference"]),
      vitest("integration", ["integration"]),
    ])),
  );
  await ensureBuild();
  counts.push(...(await playwright(chromium)));
  const passed = counts.reduce((sum, count) => sum + count.passed, 0);
  const failed = counts.reduce((sum, count) => sum + count.failed, 0);
  console.log(`${passed} passed, ${failed} failed`);
  return failed === 0 ? 0 : 1;
}
