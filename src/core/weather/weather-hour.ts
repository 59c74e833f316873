import * as m from "@/messages";
import { CoreError } from "../errors";
import { clamp } from "../numeric";

/** Weather at one instant, as a forecast gives it. */
export type WeatherHour = {
  /** Minutes from the start of the outing; may lie before it. */
  readonly minute: number;
  readonly airTemperatureC: number;
  /** Wind at 10 m above open ground, m/s. */
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  /** Mean radiant temperature, °C; `null` takes that of the air. */
  readonly radiantTemperatureC: number | null;
  /** Cloud, 0 (clear) … 1 (overcast); without it sky and sun are left out. */
  readonly cloudShare?: number | null | undefined;
  /** Through the time until the next hour, as water, mm/h; nothing given: dry. */
  readonly precipitationMm?: number | null | undefined;
};

/** Weather of one minute. */
export type WeatherNow = {
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  readonly radiantTemperatureC: number;
  readonly precipitationMmPerH: number;
};

const radiantOf = (hour: WeatherHour): number => hour.radiantTemperatureC ?? hour.airTemperatureC;

const between = (from: number, to: number, share: number): number => from + (to - from) * share;

/**
 * The weather of an outing, read minute by minute: linear between the hours given, the first and last held beyond them.
 * Keeps its place, so that neighbouring minutes cost nothing to find, and answers with one object that it fills again.
 */
export class WeatherCourse {
  private readonly hours: readonly WeatherHour[];
  private readonly now = {
    airTemperatureC: 0,
    windMPerS: 0,
    relativeHumidityPercent: 0,
    radiantTemperatureC: 0,
    precipitationMmPerH: 0,
  };
  private after = 0;

  /**
   * @param hours in order of time, at least one
   * @throws {CoreError} `no-weather` when no hour is given
   */
  constructor(hours: readonly WeatherHour[]) {
    if (hours.length === 0) throw new CoreError("no-weather", m.anOutingNeedsAtLeastOne3);
    this.hours = hours;
  }

  /** Weather at a minute; the same object each time. */
  at(minute: number): WeatherNow {
    const { hours, now } = this;
    const last = hours.length - 1;
    while (this.after < last && hours[this.after]!.minute <= minute) this.after++;
    while (this.after > 0 && hours[this.after - 1]!.minute > minute) this.after--;
    const later = hours[this.after]!;
    const earlier = hours[Math.max(0, this.after - 1)]!;
    const span = later.minute - earlier.minute;
    const share = span > 0 ? clamp((minute - earlier.minute) / span, 0, 1) : 0;
    now.airTemperatureC = between(earlier.airTemperatureC, later.airTemperatureC, share);
    now.windMPerS = between(earlier.windMPerS, later.windMPerS, share);
    now.relativeHumidityPercent = between(earlier.relativeHumidityPercent, later.relativeHumidityPercent, share);
    now.radiantTemperatureC = between(radiantOf(earlier), radiantOf(later), share);
    // Constant over its hour; the last hour's is held, as everything is.
    now.precipitationMmPerH = (minute >= later.minute ? later : earlier).precipitationMm ?? 0;
    return now;
  }
}
