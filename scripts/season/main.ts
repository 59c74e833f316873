import { parseArgs } from "node:util";
import { CoreError } from "@/core/errors";
import { seasonOf, summaryOf, type Season, type SeasonSummary } from "@/core/season";
import { toOuting } from "@/formats/outing-file/to-outing";
import { readEpw } from "@/formats/season-weather/read-epw";
import { readHabit } from "@/formats/season-weather/habit-file";
import { fail, readOutingFile, readText } from "../outing/command";

const USAGE = [
  "usage: npm run -s season -- FILE WEATHER.epw --habit HABIT.json [--json]",
  "  how many outings of a season the outfit of an outing file covers: its person, place, way in and clothes,",
  "  the weather of a year in the EPW format, and when one sits: {weekdays, from, to, begins, hoursWanted} (docs/reach.md)",
  "  --json  {summary, withoutWeather, days: [{date, seatAt, airTemperatureC, windMPerS, minutesStill, limit, isCovered}]}",
];

function asked() {
  try {
    return parseArgs({ options: { habit: { type: "string" }, json: { type: "boolean" } }, allowPositionals: true });
  } catch (error) {
    return fail([(error as Error).message, ...USAGE]);
  }
}

const { values, positionals } = asked();
const [file, weatherFile] = positionals;
if (!file || !weatherFile || positionals.length !== 2 || !values.habit) fail(USAGE);

const outing = toOuting(readOutingFile(file));
const read = readEpw(readText(weatherFile));
if (!read.ok) fail(read.problems.map(({ at, reason }) => `${weatherFile}${at && `, ${at}`}: ${reason}`));
const habit = readHabit(readText(values.habit));
if (!habit.ok) fail(habit.problems.map(({ path, reason }) => `${values.habit}, ${path}: ${reason}`));
for (const { reason } of read.notes) console.error(reason);

try {
  const season = seasonOf(outing, read.weather, habit.habit);
  const summary = summaryOf(season.days, habit.habit.wantedMinutes);
  console.log(values.json ? JSON.stringify(described(season, summary)) : lines(season, summary).join("\n"));
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}

function described({ days, withoutWeather }: Season, summary: SeasonSummary): object {
  return {
    summary,
    withoutWeather,
    days: days.map(({ seatAtMs, ...day }) => ({ ...day, seatAt: new Date(seatAtMs).toISOString() })),
  };
}

function lines({ days, withoutWeather }: Season, summary: SeasonSummary): string[] {
  const { outings, covered, coveredShare, satMinutes, wantedMinutes, lostTo, coldestServedC } = summary;
  const lost = Object.entries(lostTo).map(([limit, count]) => `${limit} ${count}`);
  return [
    ...days.map(
      ({ date, airTemperatureC, windMPerS, minutesStill, limit, isCovered }) =>
        `${date}  ${airTemperatureC.toFixed(1).padStart(6)} °C ${windMPerS.toFixed(1).padStart(5)} m/s  ${String(minutesStill ?? "longer").padStart(6)} min  ${isCovered ? "covered" : `ended by ${limit}`}`,
    ),
    `${covered} of ${outings} outings covered (${Math.round(100 * coveredShare)} %), ${satMinutes} of ${wantedMinutes} min sat`,
    `lost to: ${lost.join(", ") || "nothing"}; coldest served: ${coldestServedC === null ? "none" : `${coldestServedC.toFixed(1)} °C`}; without weather: ${withoutWeather}`,
  ];
}
