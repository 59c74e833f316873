import { quantileSorted } from "d3-array";
import { Bench } from "tinybench";
import { bodyAtRest, createSkinExchange, PUBLISHED_BODY, publishedExchange, restingBody } from "@/core/body";
import { simulateOuting, simulateSitMinutes } from "@/core/simulation";
import { minutesRange } from "@/core/range";
import { restedPerson } from "@/core/sitter";
import { toOuting } from "@/formats/outing-file/to-outing";
import { parseOutingFile } from "@/formats/outing-file/parse";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { watchStolen } from "./stolen";
import { twelveHourOuting } from "./twelve-hours";
import { takesOver } from "./alternate";
import { dresserTimes, KIT_SIZES, type DresserTimes } from "./dresser-times";
import { reachTimes } from "./reach-times";
import { EFFECTS } from "./without";

type Row = { readonly name: string; readonly medianMs: number; readonly p95Ms: number; readonly runs: number };

const RUN_MS = 3000;
const WARM_UP_MS = 1500;
const TWELVE_HOURS_MIN = 720;
const NAME_WIDTH = 38;

const outing = twelveHourOuting();
const rested = restedPerson(outing.person.body, outing.start);
const { resting } = rested;
const demo = toOuting(demoFile(demoByName("Grouse lek before dawn")));
const file = JSON.stringify(demoFile(demoByName("Grouse lek before dawn")));

/** The published body alone for twelve hours: what the reference package is compared with. */
function bodyAlone(): void {
  const body = bodyAtRest(resting, PUBLISHED_BODY);
  const exchange = createSkinExchange();
  const uniform = (value: number): number[] => Array.from({ length: 17 }, () => value);
  const around = {
    posture: "sitting",
    airC: uniform(-5),
    radiantC: uniform(-5),
    relativeHumidityPercent: uniform(70),
    windMPerS: uniform(0.5),
    insulationClo: uniform(3.2),
  } as const;
  for (let minute = 0; minute < TWELVE_HOURS_MIN; minute++) {
    publishedExchange(exchange, body, around);
    body.regulate(exchange, 1.2, 60);
    body.advance(exchange, 60);
  }
}

const bench = new Bench({ time: RUN_MS, warmupTime: WARM_UP_MS, retainSamples: true })
  .add("12 h outing", () => void simulateOuting(outing))
  .add("12 h outing, person known", () => void simulateOuting(outing, { rested }))
  .add("12 h outing, minutes only", () => void simulateSitMinutes(outing, { rested }))
  .add("range of 64 over the demo outing", () => void minutesRange(demo, 0))
  .add("published body alone, 12 h", bodyAlone)
  .add("set points of a person", () => void restingBody(outing.person.body, 1, "jos-3"))
  .add("read an outing file", () => void parseOutingFile(file));
const stolen = watchStolen();
await bench.run();

const rows = bench.tasks.map((task): Row => {
  const { result } = task;
  if (!("latency" in result)) throw new Error(`${task.name} did not run: ${result.state}`);
  const samples = [...(result.latency.samples ?? [])].sort((one, other) => one - other);
  return {
    name: task.name,
    medianMs: quantileSorted(samples, 0.5) ?? NaN,
    p95Ms: quantileSorted(samples, 0.95) ?? NaN,
    runs: samples.length,
  };
});

/** How long the dresser takes by the size of the kit, alone in one thread: first answer, all of the search, answer. */
const dressers: DresserTimes[] = [];
for (const pieces of KIT_SIZES) dressers.push(await dresserTimes(pieces));

const reach = reachTimes();

/** What each effect costs: the outing so changed over the outing as it is, in turns. */
const effects = EFFECTS.map(([name, change]) => {
  const changed = change(outing);
  return {
    name,
    takes: takesOver(
      () => void simulateOuting(changed),
      () => void simulateOuting(outing),
    ),
  };
});

/** What the whole outing takes over the published body alone, in turns as well: the host is not equally fast all the time. */
const overBody = [
  { name: "12 h outing", takes: takesOver(() => void simulateOuting(outing), bodyAlone) },
  { name: "12 h outing, person known", takes: takesOver(() => void simulateOuting(outing, { rested }), bodyAlone) },
];

if (process.argv.includes("--json")) {
  console.log(JSON.stringify({ rows, overBody, dressers, reach, effects }, null, 2));
} else {
  console.log(`${"".padEnd(NAME_WIDTH)} ${"median ms".padStart(10)} ${"p95 ms".padStart(10)} ${"runs".padStart(7)}`);
  for (const { name, medianMs, p95Ms, runs } of rows) {
    console.log(
      `${name.padEnd(NAME_WIDTH)} ${medianMs.toFixed(2).padStart(10)} ${p95Ms.toFixed(2).padStart(10)} ${String(runs).padStart(7)}`,
    );
  }
  console.log("\nover the published body alone");
  for (const { name, takes } of overBody) console.log(`${name.padEnd(NAME_WIDTH)} ${takes.toFixed(2).padStart(10)}`);
  console.log("\ndresser alone in one thread, ms: first outfits, search, answer; outfits simulated");
  for (const { pieces, firstMs, searchMs, answerMs, simulated } of dressers) {
    const columns = [firstMs, searchMs, answerMs].map((ms) => ms.toFixed(0).padStart(10)).join("");
    console.log(`${`${pieces} pieces`.padEnd(NAME_WIDTH)}${columns}${String(simulated).padStart(10)}`);
  }
  console.log("\nreach alone in one thread, ms");
  for (const [name, ms] of [
    [`map of ${reach.cells} cells`, reach.mapMs],
    [`season of ${reach.outings} outings`, reach.seasonMs],
  ] as const)
    console.log(`${name.padEnd(NAME_WIDTH)}${ms.toFixed(0).padStart(10)}`);
  console.log("\n12 h outing with one effect left out or put in, over all as it is");
  for (const { name, takes } of effects) console.log(`${name.padEnd(NAME_WIDTH)} ${takes.toFixed(2).padStart(10)}`);
  console.log(stolen());
}
