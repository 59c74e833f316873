import Papa from "papaparse";
import { OUTING_RANGE } from "@/core/outing";
import { instantOf } from "../local-time";
import type { WeatherHourView } from "../wire/outing-view";
import { COLUMNS, TIME_COLUMN, type ImportedField } from "./columns";

/** What is wrong with a row; row 0 is the whole text. */
export type ImportProblem = { readonly row: number; readonly reason: string };
export type ImportedWeather = {
  readonly hours: readonly WeatherHourView[];
  readonly problems: readonly ImportProblem[];
};

/** Where a file says nothing of it (assumption). */
const USUAL_HUMIDITY_PERCENT = 80;

type Row = Readonly<Record<string, unknown>>;
type ReadRow = { readonly hour: WeatherHourView | null; readonly problems: readonly string[] };

/** A cell as a number; a comma may stand for the point. */
function numberOf(cell: unknown): number | null {
  if (typeof cell === "number") return Number.isFinite(cell) ? cell : null;
  if (typeof cell !== "string" || cell.trim() === "") return null;
  const value = Number(cell.trim().replace(",", "."));
  return Number.isFinite(value) ? value : null;
}

function readRow(row: Row, timeZone: string): ReadRow {
  const problems: string[] = [];
  const values: Partial<Record<ImportedField, number>> = {};
  for (const [name, cell] of Object.entries(row)) {
    const column = COLUMNS[name];
    if (!column || cell === "" || cell === null || cell === undefined) continue;
    const value = numberOf(cell);
    const si = value === null ? null : column.toSi(value);
    const [low, high] = column.range;
    if (si === null) problems.push(`${name} is no number: ${String(cell)}`);
    else if (si < low || si > high) problems.push(`${name} lies outside what can be computed: ${String(cell)}`);
    else values[column.field] = si;
  }
  const time = row[TIME_COLUMN];
  const at = typeof time === "string" ? instantOf(time, timeZone) : null;
  if (at === null) problems.push(`time cannot be read: ${String(time ?? "nothing given")}`);
  const { airTemperatureC, windMPerS, relativeHumidityPercent = USUAL_HUMIDITY_PERCENT } = values;
  if (airTemperatureC === undefined && problems.length === 0) problems.push("has no air temperature");
  if (windMPerS === undefined && problems.length === 0) problems.push("has no wind");
  if (problems.length > 0 || at === null || airTemperatureC === undefined || windMPerS === undefined) {
    return { hour: null, problems };
  }
  const hour: WeatherHourView = {
    at,
    airTemperatureC,
    windMPerS,
    relativeHumidityPercent,
    radiantTemperatureC: null,
    cloudShare: values.cloudShare ?? null,
    precipitationMm: values.precipitationMm ?? null,
    airTemperatureTyped: null,
    windTyped: null,
  };
  return { hour, problems: [] };
}

const whole = (reason: string): ImportedWeather => ({ hours: [], problems: [{ row: 0, reason }] });

/** Rows of JSON or CSV; what is neither is a reason. */
function rowsOf(text: string): readonly Row[] | string {
  if (/^\s*[[{]/.test(text)) {
    try {
      const value: unknown = JSON.parse(text);
      if (Array.isArray(value) && value.every((row) => typeof row === "object" && row !== null)) return value as Row[];
      return "the JSON is no list of hours";
    } catch {
      return "the JSON is broken";
    }
  }
  const { data } = Papa.parse<Row>(text.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (head) => head.trim(),
  });
  return data;
}

/**
 * Reads hours of weather from CSV with a head, or from a JSON list (docs/formats/weather.md). Rows that cannot be read
 * are named and left out; an hour named twice keeps its last row.
 * @param timeZone zone of times that name no offset
 */
export function readWeather(text: string, timeZone: string): ImportedWeather {
  if (text.trim() === "") return whole("nothing was given");
  const rows = rowsOf(text);
  if (typeof rows === "string") return whole(rows);
  const names = Object.keys(rows[0] ?? {});
  if (!names.includes(TIME_COLUMN)) return whole(`the head names no column "${TIME_COLUMN}"`);
  const [, most] = OUTING_RANGE.weatherHours;
  if (rows.length > most) return whole(`there are more than ${most} rows`);
  const read = rows.map((row) => readRow(row, timeZone));
  const byInstant = new Map(read.flatMap(({ hour }) => (hour ? [[hour.at, hour] as const] : [])));
  return {
    hours: [...byInstant.values()].sort((one, other) => Date.parse(one.at) - Date.parse(other.at)),
    problems: read.flatMap(({ problems }, place) => problems.map((reason) => ({ row: place + 1, reason }))),
  };
}
