import * as m from "@/messages";
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
  /** Of a season: all hours are kept, and gaps are nobody's plan. */
  readonly isSeason?: boolean;
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
    const between = m.ofAnd({
      at: localText(at, timeZone).replace("T", " "),
      at2: localText(next.at, timeZone).replace("T", " "),
    });
    return [{ at: "", reason: m.nothingIsToldBetweenTheWeather({ between, gap }) }];
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
  const { timeZone, startsAt, habits = METRIC_HABITS, mapping = {}, isSeason = false } = context;
  if (text.trim() === "") return whole(m.nothingWasGiven);
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
  if (!has("time", "clock")) return refuse(m.noColumnTellsTheTimeSay);
  if (!has("airTemperatureC")) return refuse(m.noColumnTellsTheTemperatureOf);
  if (!has("windMPerS")) return refuse(m.noColumnTellsTheWindSay);
  const shares = shareColumns(found.rows, columns);
  const days = found.rows.flatMap(({ cells }) =>
    columns.flatMap((column, index) => (column === "time" || column === "date" ? (cells[index] ?? []) : [])),
  );
  const byColumn = isMonthFirstIn(days);
  const isDayUnclear = byColumn === null && days.some((day) => /^\d{1,2}\/\d{1,2}/.test(day));
  const told: Told[] = [
    ...notes,
    ...(isDayUnclear
      ? [
          {
            at: "",
            reason: m.daysSuchAsAreRead({
              days: days[0] ?? "",
              value: habits.isMonthFirst ? m.monthFirst : m.dayFirst,
            }),
          },
        ]
      : []),
    ...[...shares].map((index) => ({
      at: "",
      reason: m.goesNoHigherThan1Taken({ index: found.heads[index]! }),
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
    if (byInstant.has(read.at)) told.push({ at: row.at, reason: m.namesAnHourAgainItStands });
    byInstant.set(read.at, read);
  }
  const all = [...byInstant.values()].sort((one, other) => Date.parse(one.at) - Date.parse(other.at));
  const hours = isSeason ? all : asManyAsFit(all, startsAt);
  if (hours === null) return refuse(m.thereAreMoreThanHoursNone({ weatherHours: OUTING_RANGE.weatherHours[1] }));
  if (hours.length < all.length)
    told.push({ at: "", reason: m.ofHoursTheFromADay({ length: all.length, length2: hours.length }) });
  if (!has("relativeHumidityPercent", "dewPointC") && hours.length > 0)
    told.push({ at: "", reason: m.noHumidityIsToldIsTaken({ usualHumidityPercent: USUAL_HUMIDITY_PERCENT }) });
  return {
    hours,
    columns: shown.filter(({ example }) => example !== ""),
    problems,
    notes: [...told, ...(isSeason ? [] : gapNotes(hours, timeZone))],
  };
}
