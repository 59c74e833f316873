import { MS_PER_HOUR } from "@/core/units";
import { OUTING_RANGE } from "@/core/outing";
import { clockChangeAt, instantOf, localText } from "../local-time";
import { atLine, readTable, type Told } from "../table/read-table";
import type { WeatherHourView } from "../wire/outing/outing-view";
import { COLUMNS, TIME_COLUMN, type ImportedField } from "./columns";

export type ImportedWeather = {
  readonly hours: readonly WeatherHourView[];
  /** What could not be read and is left out. */
  readonly problems: readonly Told[];
  /** How what could be read was understood, where it is not plain. */
  readonly notes: readonly Told[];
};

/** Where a file says nothing of it (assumption). */
const USUAL_HUMIDITY_PERCENT = 80;
const PERCENT = 100;

type Row = { readonly at: string; readonly cells: Readonly<Record<string, unknown>> };
type Rows = { readonly columns: readonly string[]; readonly rows: readonly Row[] } & Omit<ImportedWeather, "hours">;

/** A cell as a number, as people write one; a comma may stand for the point. */
function numberOf(cell: unknown): number | null {
  if (typeof cell === "number") return Number.isFinite(cell) ? cell : null;
  if (typeof cell !== "string") return null;
  const plain = cell.trim().replace(",", ".").replace("−", "-");
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain) ? Number(plain) : null;
}

const isGiven = (cell: unknown): boolean =>
  cell !== null && cell !== undefined && !(typeof cell === "string" && cell.trim() === "");

const columnOf = (name: string) => (Object.hasOwn(COLUMNS, name) ? COLUMNS[name] : undefined);

/** Columns in per cent whose numbers are shares of one: all up to 1, and one of them more than 0. */
function shareColumns({ columns, rows }: Pick<Rows, "columns" | "rows">): ReadonlySet<string> {
  const isShare = (name: string): boolean => {
    if (!name.endsWith("Percent") || !columnOf(name)) return false;
    const values = rows.flatMap(({ cells }) => numberOf(cells[name]) ?? []);
    return values.length > 0 && values.every((value) => value >= 0 && value <= 1) && values.some((value) => value > 0);
  };
  return new Set(columns.filter(isShare));
}

type Values = Partial<Record<ImportedField, number>>;

function valuesOf({ cells }: Row, shares: ReadonlySet<string>, problems: string[]): Values {
  const values: Values = {};
  for (const [name, cell] of Object.entries(cells)) {
    const column = columnOf(name);
    if (!column || !isGiven(cell)) continue;
    const value = numberOf(cell);
    const si = value === null ? null : column.toSi(shares.has(name) ? value * PERCENT : value);
    const [low, high] = column.range;
    if (si === null) problems.push(`${name} is no number: ${String(cell)}`);
    else if (si < low || si > high) problems.push(`${name} lies outside what can be computed: ${String(cell)}`);
    else values[column.field] = si;
  }
  return values;
}

/** Instants of the rows, told where clocks change; a time that stands twice in the hour that comes twice is the second. */
class Clock {
  private readonly seen = new Set<string>();

  constructor(private readonly timeZone: string) {}

  /** @returns the instant, or why there is none */
  instantOf(time: unknown): { readonly at: string } | { readonly reason: string } {
    const at = typeof time === "string" ? instantOf(time, this.timeZone) : null;
    if (at === null) return { reason: `time cannot be read: ${String(time ?? "nothing given")}` };
    const change = clockChangeAt(time as string, at, this.timeZone);
    if (change.kind === "skipped")
      return { reason: `time ${time as string} does not exist in ${this.timeZone}: the clock goes forward over it` };
    const own = change.kind !== "twice" ? at : this.seen.has(change.first) ? change.again : change.first;
    this.seen.add(own);
    return { at: own };
  }
}

function readRow(row: Row, shares: ReadonlySet<string>, clock: Clock): WeatherHourView | readonly string[] {
  const problems: string[] = [];
  const values = valuesOf(row, shares, problems);
  const instant = clock.instantOf(row.cells[TIME_COLUMN]);
  if ("reason" in instant) problems.push(instant.reason);
  const { airTemperatureC, windMPerS, relativeHumidityPercent = USUAL_HUMIDITY_PERCENT } = values;
  if (airTemperatureC === undefined && problems.length === 0) problems.push("has no air temperature");
  if (windMPerS === undefined && problems.length === 0) problems.push("has no wind");
  if (problems.length > 0 || "reason" in instant || airTemperatureC === undefined || windMPerS === undefined)
    return problems;
  return {
    at: instant.at,
    airTemperatureC,
    windMPerS,
    relativeHumidityPercent,
    radiantTemperatureC: null,
    cloudShare: values.cloudShare ?? null,
    precipitationMm: values.precipitationMm ?? null,
    airTemperatureTyped: null,
    windTyped: null,
  };
}

const isRefused = (read: WeatherHourView | readonly string[]): read is readonly string[] => Array.isArray(read);

const whole = (reason: string): ImportedWeather => ({ hours: [], problems: [{ at: "", reason }], notes: [] });

/** Rows of JSON or CSV; what is neither is a reason. */
function rowsOf(text: string): Rows | string {
  const known = [TIME_COLUMN, ...Object.keys(COLUMNS)];
  if (!/^\s*[[{]/.test(text)) {
    const { columns, rows, problems, notes } = readTable(text, known);
    return { columns, rows: rows.map(({ line, cells }) => ({ at: atLine(line), cells })), problems, notes };
  }
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return "the JSON is broken";
  }
  if (!Array.isArray(value) || !value.every((row) => typeof row === "object" && row !== null && !Array.isArray(row)))
    return "the JSON is no list of hours";
  const rows = (value as Record<string, unknown>[]).map((cells, index) => ({ at: `entry ${index + 1}`, cells }));
  const columns = [...new Set(rows.flatMap(({ cells }) => Object.keys(cells)))];
  const notes = columns
    .filter((name) => !known.includes(name))
    .map((name) => ({ at: "", reason: `${name} is not known and left out` }));
  return { columns, rows, problems: [], notes };
}

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

/**
 * Reads hours of weather from CSV with a head, or from a JSON list (docs/formats/weather.md). Rows that cannot be read
 * are named and left out; an hour named twice keeps its last row; whatever had to be guessed is told.
 * @param timeZone zone of times that name no offset
 */
export function readWeather(text: string, timeZone: string): ImportedWeather {
  if (text.trim() === "") return whole("nothing was given");
  const found = rowsOf(text);
  if (typeof found === "string") return whole(found);
  const { columns, rows } = found;
  const problems = [...found.problems];
  if (rows.length === 0 && problems.length > 0) return { hours: [], problems, notes: found.notes };
  if (!columns.includes(TIME_COLUMN)) return whole(`the head names no column "${TIME_COLUMN}"`);
  const [, most] = OUTING_RANGE.weatherHours;
  if (rows.length > most) return whole(`there are more than ${most} rows`);
  const shares = shareColumns(found);
  const notes = [
    ...found.notes,
    ...[...shares].map((name) => ({
      at: "",
      reason: `${name} goes no higher than 1: taken as shares, 1 for the whole`,
    })),
  ];
  const clock = new Clock(timeZone);
  const byInstant = new Map<string, WeatherHourView>();
  for (const row of rows) {
    const read = readRow(row, shares, clock);
    if (isRefused(read)) {
      problems.push(...read.map((reason) => ({ at: row.at, reason })));
      continue;
    }
    if (byInstant.has(read.at))
      notes.push({ at: row.at, reason: "names an hour again: it stands in the place of the earlier" });
    byInstant.set(read.at, read);
  }
  const hours = [...byInstant.values()].sort((one, other) => Date.parse(one.at) - Date.parse(other.at));
  if (!columns.includes("relativeHumidityPercent") && hours.length > 0)
    notes.push({ at: "", reason: `no humidity is told: ${USUAL_HUMIDITY_PERCENT} % is taken` });
  return { hours, problems, notes: [...notes, ...gapNotes(hours, timeZone)] };
}
