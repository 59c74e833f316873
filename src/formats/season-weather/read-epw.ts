import * as m from "@/messages";
import { CONDITION_RANGE } from "@/core/sitter";
import { OUTING_RANGE } from "@/core/outing";
import type { SeasonHour, SeasonSite, SeasonWeather } from "@/core/season";
import { MS_PER_HOUR } from "@/core/units";
import { atLine, type Told } from "../table/read-table";

// Hourly weather of a year in the EPW format (EnergyPlus, "Auxiliary Programs", chapter on the weather file): a head of eight
// lines, then a row an hour. Hours are numbered 1 to 24 in local standard time all year; what is told for hour 1 is taken
// to hold at 0:00, as pvlib's reader takes it.

/** Columns that are read, from 0, and the value that stands for "missing". */
const COLUMN = {
  year: 0,
  month: 1,
  day: 2,
  hour: 3,
  airTemperatureC: 6,
  relativeHumidityPercent: 8,
  windMPerS: 21,
  cloudTenths: 22,
  precipitationMm: 33,
} as const;
const MISSING = {
  airTemperatureC: 99.9,
  relativeHumidityPercent: 999,
  windMPerS: 999,
  cloudTenths: 99,
  precipitationMm: 999,
} as const;
type Measured = keyof typeof MISSING;
const RANGE: Readonly<Record<Measured, readonly [number, number]>> = {
  airTemperatureC: CONDITION_RANGE.airTemperatureC,
  relativeHumidityPercent: [0, 110], // a little over saturation is written now and then
  windMPerS: CONDITION_RANGE.windMPerS,
  cloudTenths: [0, 10],
  precipitationMm: OUTING_RANGE.precipitationMm,
};

const HEAD_LINES = 8;
/** Of a leap year. */
const MOST_HOURS = 366 * 24;
/** Gaps up to so many hours are filled evenly from both sides; longer ones are left out (assumption). */
const MOST_FILLED_HOURS = 6;

export type ReadSeason =
  | { readonly ok: true; readonly weather: SeasonWeather; readonly notes: readonly Told[] }
  | { readonly ok: false; readonly problems: readonly Told[] };

/** Reads an EPW file. What is missing for some hours is filled and told; what cannot be read is named by its line. */
export function readEpw(text: string): ReadSeason {
  const lines = text.replace(/^\uFEFF/, "").split(/\r?\n/);
  const site = siteOf(lines[0] ?? "");
  if (!site) return { ok: false, problems: [{ at: atLine(1), reason: m.epwHasNoLocation }] };
  const problems: Told[] = [];
  const hours: PartialHour[] = [];
  const rows = lines.slice(HEAD_LINES).map((line) => (line.trim() === "" ? null : line.split(",")));
  const year = yearForAll(rows.filter((cells) => cells !== null));
  rows.forEach((cells, index) => {
    if (!cells) return;
    const row = rowOf(cells, site, year);
    if (typeof row === "string") problems.push({ at: atLine(HEAD_LINES + index + 1), reason: row });
    else hours.push(row);
  });
  if (hours.length === 0 && problems.length === 0) problems.push({ at: "", reason: m.epwHasNoHours });
  if (hours.length > MOST_HOURS) problems.push({ at: "", reason: m.epwHasTooManyHours({ most: MOST_HOURS }) });
  if (problems.length > 0) return { ok: false, problems };
  const { filled, notes } = withoutGaps(hours);
  const told = year === null ? notes : [{ at: "", reason: m.epwMonthsOfManyYears({ year }) }, ...notes];
  return { ok: true, weather: { site, hours: filled }, notes: told };
}

/** Rows of two years that are further apart than a month do not follow each other. */
const MOST_APART_MS = 31 * 24 * MS_PER_HOUR;
const isLeap = (year: number): boolean => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;

/** Eight where a century has none. */
const YEARS_TO_A_LEAP_YEAR = [0, 1, 2, 3, 4, 5, 6, 7] as const;

/**
 * A typical year is put together from months of many years, each with its own: all then are read as of one, so that hours
 * follow each other, as pvlib's reader does when it is given a year.
 * @returns that year: the first row's or the next that has as many days in February; `null` where the rows are of their years
 */
function yearForAll(rows: readonly (readonly string[])[]): number | null {
  const date = ([year, month, day]: readonly string[]) => [Number(year), Number(month), Number(day)] as const;
  const dates = rows.map(date);
  const isBroken = dates.some(([year, month, day], index) => {
    const before = dates[index - 1];
    if (!before || before[0] === year) return false;
    return Math.abs(Date.UTC(year, month - 1, day) - Date.UTC(before[0], before[1] - 1, before[2])) > MOST_APART_MS;
  });
  if (!isBroken) return null;
  const hasLeapDay = dates.some(([, month, day]) => month === 2 && day === 29);
  const [first] = dates[0]!;
  const next = YEARS_TO_A_LEAP_YEAR.find((years) => isLeap(first + years) === hasLeapDay) ?? 0;
  return first + next;
}

function siteOf(line: string): SeasonSite | null {
  const [head, name, , , , , latitudeDeg, longitudeDeg, utcOffsetHours, altitudeM] = line
    .split(",")
    .map((own) => own.trim());
  const numbers = [latitudeDeg, longitudeDeg, utcOffsetHours, altitudeM].map((own) => (own ? Number(own) : NaN));
  if (head?.toUpperCase() !== "LOCATION" || numbers.some((own) => !Number.isFinite(own))) return null;
  const [latitude, longitude, offset, altitude] = numbers as [number, number, number, number];
  if (Math.abs(latitude) > 90 || Math.abs(longitude) > 180 || Math.abs(offset) > MOST_OFFSET_HOURS) return null;
  return {
    name: name ?? "",
    latitudeDeg: latitude,
    longitudeDeg: longitude,
    altitudeM: altitude,
    utcOffsetHours: offset,
  };
}
const MOST_OFFSET_HOURS = 14;

type PartialHour = { readonly atMs: number } & Readonly<Record<Measured, number | null>>;

/** A row's hour, or what is wrong with it. */
function rowOf(
  cells: readonly string[],
  { utcOffsetHours }: SeasonSite,
  yearOfAll: number | null,
): PartialHour | string {
  if (cells.length <= COLUMN.precipitationMm) return m.epwRowIsShort({ columns: cells.length });
  const at = (column: number): number => (cells[column]!.trim() === "" ? NaN : Number(cells[column]));
  const [year, month, day, hour] = [yearOfAll ?? at(COLUMN.year), at(COLUMN.month), at(COLUMN.day), at(COLUMN.hour)];
  const localMs = Date.UTC(year, month - 1, day, hour - 1);
  const date = new Date(localMs);
  if (!(hour >= 1 && hour <= 24) || date.getUTCMonth() !== month - 1 || date.getUTCDate() !== day)
    return m.epwNoSuchHour({ when: [year, month, day, hour].join(",") });
  const values: Partial<Record<Measured, number | null>> = {};
  for (const name of Object.keys(MISSING) as Measured[]) {
    const value = at(COLUMN[name]);
    if (!Number.isFinite(value)) return m.epwNoNumber({ column: COLUMN[name] + 1, text: cells[COLUMN[name]]!.trim() });
    const isMissing = value >= MISSING[name];
    if (!isMissing && (value < RANGE[name][0] || value > RANGE[name][1]))
      return m.epwOutOfRange({ column: COLUMN[name] + 1, text: cells[COLUMN[name]]!.trim() });
    values[name] = isMissing ? null : value;
  }
  return { atMs: localMs - utcOffsetHours * MS_PER_HOUR, ...(values as Record<Measured, number | null>) };
}

const NEEDED = ["airTemperatureC", "relativeHumidityPercent", "windMPerS"] as const;

/** Hours with what they need; short gaps filled evenly, long ones left out. */
function withoutGaps(hours: readonly PartialHour[]): { filled: SeasonHour[]; notes: Told[] } {
  const columns = NEEDED.map((name) => filledColumn(hours.map((hour) => hour[name])));
  const filled = hours.flatMap((hour, index): SeasonHour[] => {
    const [airTemperatureC = null, relativeHumidityPercent = null, windMPerS = null] = columns.map(
      (own) => own[index]!,
    );
    if (airTemperatureC === null || relativeHumidityPercent === null || windMPerS === null) return [];
    return [
      {
        atMs: hour.atMs,
        airTemperatureC,
        windMPerS,
        relativeHumidityPercent: Math.min(100, relativeHumidityPercent),
        cloudShare: hour.cloudTenths === null ? null : hour.cloudTenths / 10,
        precipitationMm: hour.precipitationMm,
      },
    ];
  });
  const isWhole = (hour: PartialHour): boolean => NEEDED.every((name) => hour[name] !== null);
  const [whole, left] = [hours.filter(isWhole).length, hours.length - filled.length];
  const notes = [
    ...(filled.length > whole ? [{ at: "", reason: m.epwHoursFilled({ count: filled.length - whole }) }] : []),
    ...(left > 0 ? [{ at: "", reason: m.epwHoursLeftOut({ count: left }) }] : []),
  ];
  return { filled, notes };
}

function filledColumn(values: readonly (number | null)[]): (number | null)[] {
  const own = [...values];
  for (let from = 0; from < own.length; from++) {
    if (own[from] !== null) continue;
    let to = from;
    while (to < own.length && own[to] === null) to++;
    const [before, after] = [own[from - 1] ?? null, own[to] ?? null];
    if (before !== null && after !== null && to - from <= MOST_FILLED_HOURS) {
      for (let index = from; index < to; index++)
        own[index] = before + ((after - before) * (index - from + 1)) / (to - from + 1);
    }
    from = to;
  }
  return own;
}
