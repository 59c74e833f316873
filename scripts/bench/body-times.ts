import { quantileSorted } from "d3-array";
import { Bench, type Task } from "tinybench";
import { bodyAtRest, createSkinExchange, PUBLISHED_BODY, publishedExchange, restingBody } from "@/core/body";
import { simulateOuting, simulateSitMinutes } from "@/core/simulation";
import { minutesRange } from "@/core/range";
import { restedPerson } from "@/core/sitter";
import { toOuting } from "@/formats/outing-file/to-outing";
import { parseOutingFile } from "@/formats/outing-file/parse";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { twelveHourOuting } from "./twelve-hours";
import { takesOver } from "./alternate";
import { EFFECTS } from "./without";

export type BodyTimes = {
  readonly rows: readonly Row[];
  readonly overBody: readonly Ratio[];
  readonly effects: readonly Ratio[];
};
type Ratio = { readonly name: string; readonly takes: number };
type Row = { readonly name: string; readonly medianMs: number; readonly p95Ms: number; readonly runs: number };

const RUN_MS = 3000;
const WARM_UP_MS = 1500;
const TWELVE_HOURS_MIN = 720;

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

/** How long whole outings take, over the published body alone and without single effects. */
export async function bodyTimes(): Promise<BodyTimes> {
  const bench = new Bench({ time: RUN_MS, warmupTime: WARM_UP_MS, retainSamples: true })
    .add("12 h outing", () => void simulateOuting(outing))
    .add("12 h outing, person known", () => void simulateOuting(outing, { rested }))
    .add("12 h outing, minutes only", () => void simulateSitMinutes(outing, { rested }))
    .add("range of 64 over the demo outing", () => void minutesRange(demo, 0))
    .add("published body alone, 12 h", bodyAlone)
    .add("set points of a person", () => void restingBody(outing.person.body, 1, "jos-3"))
    .add("read an outing file", () => void parseOutingFile(file));
  await bench.run();
  return { rows: bench.tasks.map(rowOf), overBody: overBody(), effects: effectTimes() };
}

function rowOf(task: Task): Row {
  const { result } = task;
  if (!("latency" in result)) throw new Error(`${task.name} did not run: ${result.state}`);
  const samples = [...(result.latency.samples ?? [])].sort((one, other) => one - other);
  return {
    name: task.name,
    medianMs: quantileSorted(samples, 0.5) ?? NaN,
    p95Ms: quantileSorted(samples, 0.95) ?? NaN,
    runs: samples.length,
  };
}

/** What each effect costs: the outing so changed over the outing as it is, in turns. */
const effectTimes = (): Ratio[] =>
  EFFECTS.map(([name, change]) => {
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
const overBody = (): Ratio[] => [
  { name: "12 h outing", takes: takesOver(() => void simulateOuting(outing), bodyAlone) },
  { name: "12 h outing, person known", takes: takesOver(() => void simulateOuting(outing, { rested }), bodyAlone) },
];
