import { cellsOf, REACH_AXES, reachOf } from "@/core/reach";
import { seasonOf, type SeasonHour } from "@/core/season";
import { seededRandom } from "@/core/numeric";
import { MS_PER_HOUR } from "@/core/units";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";

/** How long a map of one outfit and a season of it take, alone in one thread. */
export type ReachTimes = {
  readonly cells: number;
  readonly mapMs: number;
  readonly outings: number;
  readonly seasonMs: number;
};

const SITE = { name: "invented", latitudeDeg: 61.4, longitudeDeg: 12.1, altitudeM: 300, utcOffsetHours: 1 };
const DAYS = 365;
const SEED = 1;
/** November to March, some five days a week: about 120 outings. */
const HABIT = {
  weekdays: [0, 1, 2, 3, 5, 6],
  from: { month: 11, day: 1 },
  to: { month: 3, day: 20 },
  begins: { by: "sunrise", minutes: -45 },
  wantedMinutes: 240,
} as const;

/** An invented year: cold in January and at night. */
function yearOfHours(): SeasonHour[] {
  const random = seededRandom(SEED);
  const firstMs = Date.UTC(2027, 0, 1) - SITE.utcOffsetHours * MS_PER_HOUR;
  return Array.from({ length: 24 * DAYS }, (_, hour) => ({
    atMs: firstMs + hour * MS_PER_HOUR,
    airTemperatureC:
      2 -
      12 * Math.cos((2 * Math.PI * (hour / 24 - 20)) / DAYS) +
      4 * Math.sin((2 * Math.PI * (hour - 9)) / 24) +
      3 * random(),
    windMPerS: 6 * random(),
    relativeHumidityPercent: 80,
    cloudShare: random(),
    precipitationMm: 0,
  }));
}

export function reachTimes(): ReachTimes {
  const outing = toOuting(demoFile(demoByName("Grouse lek before dawn")));
  const wanted = cellsOf(REACH_AXES);
  reachOf(outing, wanted.slice(0, 40), "tenMetres"); // warms the engine
  const before = performance.now();
  const cells = reachOf(outing, wanted, "tenMetres").length;
  const between = performance.now();
  const { days } = seasonOf(outing, { site: SITE, hours: yearOfHours() }, HABIT);
  return { cells, mapMs: between - before, outings: days.length, seasonMs: performance.now() - between };
}
