// Measures the day sheet in a browser against a running Umiak with demo data (./umiak start): drags in Chromium and
// reads the page's own measures, from an edit to its answer drawn; how long the range takes to come; the page's load.
import { randomUUID } from "node:crypto";
import { quantileSorted } from "d3-array";
import { chromium, type Page } from "@playwright/test";
import { watchStolen } from "./stolen";
import { EDIT_TO_DRAWN } from "../../src/islands/day-sheet/answer/use-drawn-mark";

type Row = { readonly name: string; readonly medianMs: number; readonly p95Ms: number; readonly runs: number };

const ADDRESS = process.env.UMIAK_URL ?? "http://127.0.0.1:4477";
const DEMO = "Grouse lek before dawn";
const DRAG_STEPS = 60;
const DRAG_STEP_PX = 3;
/** As fast as a screen draws. */
const FRAME_MS = 16;
const NAME_WIDTH = 44;
const LOADS = 7;

const rowOf = (name: string, timesMs: readonly number[]): Row => {
  const sorted = [...timesMs].sort((one, other) => one - other);
  const at = (share: number): number => Number((quantileSorted(sorted, share) ?? NaN).toFixed(1));
  return { name, medianMs: at(0.5), p95Ms: at(0.95), runs: sorted.length };
};

/** A copy of the demo outing: a measurement leaves the demo as it was. */
async function copyOfDemo(page: Page): Promise<string> {
  const outings = (await (await page.request.get(`${ADDRESS}/api/outings`)).json()) as { id: string; name: string }[];
  const copyOf = outings.find(({ name }) => name === DEMO)?.id;
  if (!copyOf) throw new Error(`the demo outing "${DEMO}" is not there; start Umiak with its demo data`);
  const data = { from: "outing", id: randomUUID(), copyOf, name: "measured copy" };
  const made = await page.request.post(`${ADDRESS}/api/outings`, { data });
  if (!made.ok()) throw new Error(`no copy could be made: ${made.status()}`);
  return `${ADDRESS}/outings/${data.id}`;
}

const measures = (page: Page): Promise<number[]> =>
  page.evaluate((name) => performance.getEntriesByName(name).map(({ duration }) => duration), EDIT_TO_DRAWN);

/** Drags something back and forth and gives the times its answers took. */
async function drag(page: Page, name: RegExp, at: number, axis: "x" | "y"): Promise<number[]> {
  const dragged = page.getByRole("button", { name }).first();
  await dragged.scrollIntoViewIfNeeded();
  const box = await dragged.boundingBox();
  if (!box) throw new Error(`nothing to drag: ${name}`);
  await page.evaluate(() => performance.clearMeasures());
  const [x, y] = [box.x + box.width * at, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= DRAG_STEPS; step++) {
    const by = DRAG_STEP_PX * (step <= DRAG_STEPS / 2 ? step : DRAG_STEPS - step);
    await page.mouse.move(x + (axis === "x" ? by : 0), y + (axis === "y" ? by / 2 : 0));
    await page.waitForTimeout(FRAME_MS);
  }
  await page.mouse.up();
  await page.waitForTimeout(300);
  return measures(page);
}

/** From the last edit until the range stands on the screen again. */
async function untilRange(page: Page): Promise<number> {
  await page.getByRole("button", { name: /^Phase 3, sit/ }).focus();
  const start = Date.now();
  await page.keyboard.press("ArrowRight");
  await page.waitForFunction(() => document.querySelector("[data-testid=range]")?.textContent === "range …");
  await page.waitForFunction(() => document.querySelector("[data-testid=range]")?.textContent !== "range …");
  return Date.now() - start;
}

const stolen = watchStolen();
const browser = await chromium.launch({
  executablePath: process.env.UMIAK_CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const address = await copyOfDemo(page);

const interactive: number[] = [];
const loads: number[] = [];
let scriptBytes = 0;
for (let load = 0; load < LOADS; load++) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const fresh = await context.newPage();
  const start = Date.now();
  await fresh.goto(address, { waitUntil: "commit" });
  await fresh.waitForFunction(() => !document.querySelector("astro-island[ssr]")); // every island listens
  interactive.push(Date.now() - start);
  await fresh.getByTestId("minutes-still").waitFor(); // stands once the browser has computed
  loads.push(Date.now() - start);
  scriptBytes = await fresh.evaluate(() =>
    performance
      .getEntriesByType("resource")
      .filter(({ name }) => name.endsWith(".js"))
      .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).decodedBodySize, 0),
  );
  await context.close();
}

await page.goto(address);
await page.getByTestId("range").first().filter({ hasText: /\d/ }).waitFor();
await drag(page, /^Head: Long wool hat/, 0.01, "x"); // warms the engine up
const rows = [
  rowOf("bar dragged: edit to curves and verdict drawn", await drag(page, /^Head: Long wool hat/, 0.01, "x")),
  rowOf("hour dragged: edit to curves and verdict drawn", await drag(page, /^Hour 06:00/, 0.5, "y")),
  rowOf("parka dragged: edit to curves and verdict drawn", await drag(page, /^Trunk: Down parka/, 0.01, "x")),
];
const ranges: number[] = [];
for (let turn = 0; turn < LOADS; turn++) {
  ranges.push(await untilRange(page));
  await page.waitForTimeout(2500);
}
rows.push(rowOf("edit to range drawn", ranges));
rows.push(rowOf("cold load to interactive", interactive), rowOf("cold load to computed answer", loads));
await browser.close();

if (process.argv.includes("--json")) console.log(JSON.stringify(rows, null, 2));
else {
  console.log(`${" ".repeat(NAME_WIDTH + 3)}median ms   p95 ms   runs`);
  for (const { name, medianMs, p95Ms, runs } of rows) {
    console.log(
      `${name.padEnd(NAME_WIDTH)} ${String(medianMs).padStart(11)} ${String(p95Ms).padStart(8)} ${String(runs).padStart(6)}`,
    );
  }
  console.log(stolen());
  console.log(`script of the page, not compressed: ${Math.round(scriptBytes / 1000)} kB`);
}
