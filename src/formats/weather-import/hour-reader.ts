import * as m from "@/messages";
import { saturationPressureKPa } from "@/core/body";
import type { GridRow } from "../any-table/grid";
import { clockChangeAt, instantOf } from "../local-time";
import type { WeatherHourView } from "../wire/outing/outing-view";
import { measuredColumn, type ImportedField, type WeatherColumn } from "./columns";
import { figureOf, isGiven } from "./figure";
import type { Rows } from "./rows-of";
import { Calendar, readWhen } from "./when";

/** Where a table says nothing of it (assumption). */
export const USUAL_HUMIDITY_PERCENT = 80;
const PERCENT = 100;

type Values = Partial<Record<ImportedField, number>>;

/** Instants of the rows, told where clocks change; a time that stands twice in the hour that comes twice is the second. */
class Clock {
  private readonly seen = new Set<string>();

  constructor(private readonly timeZone: string) {}

  /** @returns the instant, or why there is none */
  instantOf(time: string): { readonly at: string } | { readonly reason: string } {
    const at = instantOf(time, this.timeZone);
    if (at === null) return { reason: m.theTimeCannotBeRead({ time }) };
    const change = clockChangeAt(time, at, this.timeZone);
    if (change.kind === "skipped") return { reason: m.theTimeDoesNotExistIn({ time, timeZone: this.timeZone }) };
    const own = change.kind !== "twice" ? at : this.seen.has(change.first) ? change.again : change.first;
    this.seen.add(own);
    return { at: own };
  }
}

/** Relative humidity of air with such a dew point, %. */
const humidityOf = (dewPointC: number, airTemperatureC: number): number =>
  Math.min(PERCENT, (PERCENT * saturationPressureKPa(dewPointC)) / saturationPressureKPa(airTemperatureC));

/** Rows one after the other as hours of weather. */
export class HourReader {
  private readonly clock: Clock;
  private readonly calendar: Calendar;

  constructor(
    private readonly found: Rows,
    private readonly columns: readonly (WeatherColumn | null)[],
    private readonly shares: ReadonlySet<number>,
    private readonly isMonthFirst: boolean,
    { timeZone, startsAt }: { readonly timeZone: string; readonly startsAt?: string | undefined },
  ) {
    this.clock = new Clock(timeZone);
    this.calendar = new Calendar(startsAt ?? null, timeZone);
  }

  /** @returns the hour, or why there is none */
  read({ cells }: GridRow): WeatherHourView | readonly string[] {
    const problems: string[] = [];
    const values = this.valuesOf(cells, problems);
    const instant = this.instantOf(cells);
    if ("reason" in instant) problems.push(instant.reason);
    const { airTemperatureC, windMPerS, dewPointC } = values;
    if (airTemperatureC === undefined && problems.length === 0) problems.push(m.hasNoAirTemperature);
    if (windMPerS === undefined && problems.length === 0) problems.push(m.hasNoWind);
    if (problems.length > 0 || "reason" in instant || airTemperatureC === undefined || windMPerS === undefined)
      return problems;
    const byDewPoint = dewPointC === undefined ? USUAL_HUMIDITY_PERCENT : humidityOf(dewPointC, airTemperatureC);
    return {
      at: instant.at,
      airTemperatureC,
      windMPerS,
      relativeHumidityPercent: values.relativeHumidityPercent ?? byDewPoint,
      radiantTemperatureC: null,
      cloudShare: values.cloudShare ?? null,
      precipitationMm: values.precipitationMm ?? null,
      airTemperatureTyped: null,
      windTyped: null,
    };
  }

  private valuesOf(cells: readonly string[], problems: string[]): Values {
    const values: Values = {};
    this.columns.forEach((key, index) => {
      const column = key && measuredColumn(key);
      const cell = cells[index];
      if (!column || !isGiven(cell)) return;
      const head = this.found.heads[index] || column.words;
      const value = figureOf(cell);
      const si = value === null ? null : column.toSi(this.shares.has(index) ? value * PERCENT : value);
      const [low, high] = column.range;
      if (si === null) problems.push(m.isNoNumber({ head, cell }));
      else if (si < low || si > high) problems.push(m.liesOutsideWhatCanBeComputed({ head, cell }));
      else values[column.field] ??= si;
    });
    return values;
  }

  private instantOf(cells: readonly string[]): { readonly at: string } | { readonly reason: string } {
    const parts = this.columns.flatMap((key, index) => {
      const cell = cells[index] ?? "";
      return key === "time" || key === "date" || key === "clock"
        ? [key === "clock" && /^\d{1,2}$/.test(cell) ? `${cell}:00` : cell]
        : [];
    });
    const told = parts.filter((part) => part !== "").join(" ");
    if (told === "") return { reason: m.theTimeCannotBeReadNothing };
    const when = readWhen(told, this.isMonthFirst);
    const text = when && this.calendar.textOf(when);
    if (!text) return { reason: m.theTimeCannotBeRead({ time: told }) };
    return this.clock.instantOf(/(Z|[+-]\d{2}:?\d{2})$/.test(text) ? text : `${text}${this.found.offset}`);
  }
}
