import { CoreError } from "../errors";

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
  const after = hours.findIndex((hour) => hour.minute > minute);
  const later = after < 0 ? hours.at(-1) : hours[after];
  const earlier = after < 0 ? later : hours[Math.max(0, after - 1)];
  if (!earlier || !later) throw new CoreError("no-weather", "an outing needs at least one hour of weather");
  const span = later.minute - earlier.minute;
  const share = span > 0 ? (minute - earlier.minute) / span : 0;
  const held = Math.min(1, Math.max(0, share));
  const between = (from: number, to: number): number => from + (to - from) * held;
  return {
    airTemperatureC: between(earlier.airTemperatureC, later.airTemperatureC),
    windMPerS: between(earlier.windMPerS, later.windMPerS),
    relativeHumidityPercent: between(earlier.relativeHumidityPercent, later.relativeHumidityPercent),
    radiantTemperatureC: between(radiantOf(earlier), radiantOf(later)),
  };
}
