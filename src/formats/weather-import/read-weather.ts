import { OUTING_RANGE } from "@/core/outing";
import { MS_PER_HOUR } from "@/core/units";
import { localText } from "../local-time";
import type { Told } from "../table/read-table";
import type { WeatherHourView } from "../wire/outing/outing-view";
import { WEATHER_COLUMNS, type WeatherColumn } from "./columns";
import { headOf } from "../any-table/said";
import { columnsOf, shareColumns } from "./columns-of";
import type { WeatherMapping } from "./mapping";
import { METRIC_HABITS, type WeatherHabits } from "./guess-column";
import { HourReader, USUAL_HUMIDITY_PERCENT } from "./hour-reader";
import { rowsOf } from "./rows-of";
import { isMonthFirstIn } from "./when";

/** A column as it was understood: its head, what it holds, and an example. */
export type ImportedColumn = { readonly head: string; readonly column: WeatherColumn | null; readonly example: string };

export type ImportedWeather = {
  readonly hours: readonly WeatherHourView[];
  readonly columns: readonly ImportedColumn[];
  /** What could not be read and is left out. */
  readonly problems: readonly Told[];
  /** How what could be read was understood, where it is not plain. */
  readonly notes: readonly Told[];
};

export type WeatherContext = {
  /** Zone of times that name no offset. */
  readonly timeZone: string;
  /** When the outing starts: for days without a year, times without a day, and what is kept of a long table. */
  readonly startsAt?: string | undefined;
  readonly habits?: WeatherHabits;
  readonly mapping?: WeatherMapping;
};

/** Of a table longer than an outing can hold, hours from so long before its start are kept. */
const KEPT_BEFORE_H = 24;

const isRefused = (read: WeatherHourView | readonly string[]): read is readonly string[] => Array.isArray(read);
const whole = (reason: string): ImportedWeather => ({
  hours: [],
  columns: [],
  problems: [{ at: "", reason }],
  notes: [],
});

/** Where hours are missing between others. */
function gapNotes(hours: readonly WeatherHourView[], timeZone: string): Told[] {
  return hours.flatMap(({ at }, index) => {
    const next = hours[index + 1];
    const gap = next ? (Date.parse(next.at) - Date.parse(at)) / MS_PER_HOUR : 0;
    if (!next || gap <= 1) return [];
    const between = `${localText(at, timeZone).replace("T", " ")} and ${localText(next.at, timeZone).replace("T", " ")}`;
    return [{ at: "", reason: `nothing is told between ${between}: the weather is drawn straight over ${gap} hours` }];
  });
}

/** As many hours as an outing holds: of more those round its start, else none. */
function asManyAsFit(
  hours: readonly WeatherHourView[],
  startsAt: string | undefined,
): readonly WeatherHourView[] | null {
  const [, most] = OUTING_RANGE.weatherHours;
  if (hours.length <= most) return hours;
  if (startsAt === undefined) return null;
  const from = Date.parse(startsAt) - KEPT_BEFORE_H * MS_PER_HOUR;
  const kept = hours.filter(({ at }) => Date.parse(at) >= from).slice(0, most);
  return kept.length > 0 ? kept : null;
}

/**
 * Reads hours of weather from whatever table or JSON holds them (docs/formats/weather.md): heads and units are guessed
 * and told, rows that cannot be read are named and left out, an hour named twice keeps its last row.
 */
export function readWeather(text: string, context: WeatherContext): ImportedWeather {
  const { timeZone, startsAt, habits = METRIC_HABITS, mapping = {} } = context;
  if (text.trim() === "") return whole("nothing was given");
  const found = rowsOf(text, habits);
  if (typeof found === "string") return whole(found);
  const { columns, notes } = columnsOf(found, habits, mapping);
  const shown = found.heads.map((head, index) => ({
    head: headOf(head, index),
    column: columns[index] ?? null,
    example: found.rows.map(({ cells }) => cells[index] ?? "").find((cell) => cell !== "") ?? "",
  }));
  const refuse = (reason: string): ImportedWeather => ({ ...whole(reason), columns: shown });
  const has = (...fields: string[]): boolean =>
    columns.some((column) => column && fields.includes(WEATHER_COLUMNS[column].field));
  if (!has("time", "clock")) return refuse("no column tells the time: say below which one does");
  if (!has("airTemperatureC")) return refuse("no column tells the temperature of the air: say below which one does");
  if (!has("windMPerS")) return refuse("no column tells the wind: say below which one does");
  const shares = shareColumns(found.rows, columns);
  const days = found.rows.flatMap(({ cells }) =>
    columns.flatMap((column, index) => (column === "time" || column === "date" ? (cells[index] ?? []) : [])),
  );
  const byColumn = isMonthFirstIn(days);
  const isDayUnclear = byColumn === null && days.some((day) => /^\d{1,2}\/\d{1,2}/.test(day));
  const told: Told[] = [
    ...notes,
    ...(isDayUnclear
      ? [{ at: "", reason: `days such as ${days[0]} are read ${habits.isMonthFirst ? "month first" : "day first"}` }]
      : []),
    ...[...shares].map((index) => ({
      at: "",
      reason: `${found.heads[index]!} goes no higher than 1: taken as shares, 1 for the whole`,
    })),
  ];
  const reader = new HourReader(found, columns, shares, byColumn ?? habits.isMonthFirst, context);
  const problems: Told[] = [];
  const byInstant = new Map<string, WeatherHourView>();
  for (const row of found.rows) {
    const read = reader.read(row);
    if (isRefused(read)) {
      problems.push(...read.map((reason) => ({ at: row.at, reason })));
      continue;
    }
    if (byInstant.has(read.at))
      told.push({ at: row.at, reason: "names an hour again: it stands in the place of the earlier" });
    byInstant.set(read.at, read);
  }
  const all = [...byInstant.values()].sort((one, other) => Date.parse(one.at) - Date.parse(other.at));
  const hours = asManyAsFit(all, startsAt);
  if (hours === null)
    return refuse(`there are more than ${OUTING_RANGE.weatherHours[1]} hours, none of them about the outing`);
  if (hours.length < all.length)
    told.push({ at: "", reason: `of ${all.length} hours the ${hours.length} from a day before the outing are kept` });
  if (!has("relativeHumidityPercent", "dewPointC") && hours.length > 0)
    told.push({ at: "", reason: `no humidity is told: ${USUAL_HUMIDITY_PERCENT} % is taken` });
  return {
    hours,
    columns: shown.filter(({ example }) => example !== ""),
    problems,
    notes: [...told, ...gapNotes(hours, timeZone)],
  };
}
