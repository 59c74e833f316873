import { MS_PER_HOUR } from "@/core/units";
import { seededRandom } from "@/core/numeric";

/** An invented day's run, from which hours are drawn. */
export type InventedDay = {
  readonly seed: number;
  /** First hour, ISO 8601. */
  readonly from: string;
  readonly hours: number;
  readonly lowestC: number;
  readonly highestC: number;
  /** Local hour of the day's high, in UTC hours. */
  readonly highestAtUtcHour: number;
  readonly windMPerS: readonly [first: number, last: number];
  readonly relativeHumidityPercent: number;
  /** First and last; nothing given: not known, and sky and sun are left out. */
  readonly cloudShare?: readonly [first: number, last: number] | undefined;
  /** A shower, hours from the first, mm/h as water. */
  readonly shower?: { readonly fromHour: number; readonly hours: number; readonly mm: number } | undefined;
};

const TEMPERATURE_STRAY_K = 0.4;
const WIND_STRAY_SHARE = 0.15;
const HUMIDITY_STRAY_PERCENT = 4;

const oneDecimal = (value: number): number => Math.round(value * 10) / 10;

const isInShower = ({ fromHour, hours }: NonNullable<InventedDay["shower"]>, index: number): boolean =>
  index >= fromHour && index < fromHour + hours;

/** Hours of invented weather: a daily wave with a little stray, the same for the same seed. */
export function inventedHours(day: InventedDay) {
  const random = seededRandom(day.seed);
  const stray = (): number => random() * 2 - 1;
  const first = Date.parse(day.from);
  return Array.from({ length: day.hours }, (_, index) => {
    const at = new Date(first + index * MS_PER_HOUR);
    const angle = ((at.getUTCHours() - day.highestAtUtcHour) / 24) * 2 * Math.PI;
    const mean = (day.lowestC + day.highestC) / 2;
    const half = (day.highestC - day.lowestC) / 2;
    const share = day.hours > 1 ? index / (day.hours - 1) : 0;
    const wind = day.windMPerS[0] + (day.windMPerS[1] - day.windMPerS[0]) * share;
    return {
      at,
      airTemperatureC: oneDecimal(mean + half * Math.cos(angle) + TEMPERATURE_STRAY_K * stray()),
      windMPerS: oneDecimal(Math.max(0, wind * (1 + WIND_STRAY_SHARE * stray()))),
      relativeHumidityPercent: Math.round(day.relativeHumidityPercent + HUMIDITY_STRAY_PERCENT * stray()),
      cloudShare: day.cloudShare
        ? oneDecimal(day.cloudShare[0] + (day.cloudShare[1] - day.cloudShare[0]) * share)
        : null,
      precipitationMm: day.shower ? (isInShower(day.shower, index) ? day.shower.mm : 0) : null,
    };
  });
}
