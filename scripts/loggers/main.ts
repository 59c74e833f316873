import { parseArgs } from "node:util";
import { LiveSit, STAND_IN_FAULTS, standInReadings, type StandInFault } from "@/core/live";
import { seededRandom } from "@/core/numeric";
import { drawnChance, drawnFrom } from "@/core/range";
import { MS_PER_MINUTE } from "@/core/units";
import { WeatherCourse } from "@/core/weather";
import { senmlOf } from "@/formats/live/senml";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { fail } from "../outing/command";

const USAGE = [
  "usage: npm run -s loggers -- --outing ID [--url http://127.0.0.1:4477] [--seed 1] [--speed 60] [--minutes 120] [--fault none]",
  "  stand-in loggers on an invented somebody: begin the sit of an outing and tell of it, a minute of the sit in a minute over --speed",
  `  --fault  ${STAND_IN_FAULTS.join(", ")}`,
];

const { values } = (() => {
  try {
    return parseArgs({
      options: {
        outing: { type: "string" },
        url: { type: "string", default: "http://127.0.0.1:4477" },
        seed: { type: "string", default: "1" },
        speed: { type: "string", default: "60" },
        minutes: { type: "string", default: "120" },
        fault: { type: "string", default: "none" },
      },
    });
  } catch (error) {
    return fail([(error as Error).message, ...USAGE]);
  }
})();
const [seed, speed, minutes] = [values.seed, values.speed, values.minutes].map(Number) as [number, number, number];
const fault = STAND_IN_FAULTS.find((own) => own === values.fault);
if (!values.outing || !fault || ![seed, speed, minutes].every((own) => Number.isFinite(own) && own > 0)) fail(USAGE);
const api = `${values.url}/api/outings/${values.outing}`;

async function asked<Answer>(path: string, init?: RequestInit): Promise<Answer> {
  const response = await fetch(`${api}${path}`, init).catch((error: Error) =>
    fail([`${values.url} cannot be reached: ${error.message}`]),
  );
  if (!response.ok) fail([`${path || "/"} answers ${response.status}: ${await response.text()}`]);
  return (await response.json()) as Answer;
}
const json = { "content-type": "application/json" };

const sit = new LiveSit(viewToOuting(await asked<OutingView>("")));
const random = seededRandom(seed);
const person = sit.run({ person: drawnFrom(undefined, sit.outing)(random), chance: drawnChance(random) });
const weather = new WeatherCourse(sit.outing.weather);
const readings = standInReadings(sit, person, {
  seed,
  fault: fault as StandInFault,
  untilMinute: sit.span.fromMinute + minutes,
  airC: (minute) => weather.at(minute).airTemperatureC + person.airK,
});
// The sit is taken to have begun so long ago that its last minute is now: what is told lies in the past from the start.
const beganMs = Date.now() - minutes * MS_PER_MINUTE;
const { token } = await asked<{ token: string }>("/live", {
  method: "POST",
  headers: json,
  body: JSON.stringify({ beganAt: new Date(beganMs).toISOString() }),
});
for (let minute = 0; minute <= minutes; minute++) {
  const own = readings.filter((reading) => Math.floor(reading.minute - sit.span.fromMinute) === minute);
  if (own.length > 0) {
    const timed = own.map((reading) => ({
      sensor: reading.sensor,
      valueC: reading.valueC,
      atMs: beganMs + (reading.minute - sit.span.fromMinute) * MS_PER_MINUTE,
    }));
    await asked("/live/readings", {
      method: "POST",
      headers: { ...json, authorization: `Bearer ${token}` },
      body: JSON.stringify(senmlOf(timed)),
    });
    console.log(
      `${String(minute).padStart(4)} min  ${own.map(({ sensor, valueC }) => `${sensor} ${valueC.toFixed(1)}`).join("  ")}`,
    );
  }
  await new Promise((resolve) => setTimeout(resolve, MS_PER_MINUTE / speed));
}
console.log(`told ${readings.length} readings; really it would have ended after ${Math.round(person.endMinutes)} min`);
