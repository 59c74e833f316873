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
};

export type WeatherNow = Omit<WeatherHour, "minute" | "radiantTemperatureC"> & { readonly radiantTemperatureC: number };

const radiantOf = (hour: WeatherHour): number => hour.radiantTemperatureC ?? hour.airTemperatureC;

/**
 * Weather at a minute: linear between the hours given, the first and last held beyond them.
 * @param hours in order of time, at least one
 * @throws {CoreError} `no-weather` when no hour is given
 */
export function weatherAt(hours: readonly WeatherHour[], minute: number): WeatherNow {
  const last = hours.length - 1;
  if (last < 0) throw new CoreError("no-weather", "an outing needs at least one hour of weather");
  let after = 0;
  while (after < last && hours[after]!.minute <= minute) after++;
  const later = hours[after]!;
  const earlier = hours[Math.max(0, after - 1)]!;
  const span = later.minute - earlier.minute;
  const share = span > 0 ? clamp((minute - earlier.minute) / span, 0, 1) : 0;
  return {
    airTemperatureC: between(earlier.airTemperatureC, later.airTemperatureC, share),
    windMPerS: between(earlier.windMPerS, later.windMPerS, share),
    relativeHumidityPercent: between(earlier.relativeHumidityPercent, later.relativeHumidityPercent, share),
    radiantTemperatureC: between(radiantOf(earlier), radiantOf(later), share),
  };
}

const between = (from: number, to: number, share: number): number => from + (to - from) * share;
