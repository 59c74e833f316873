import * as m from "@/messages";
import { assertInRange, CoreError, type Range } from "../errors";

const HOURS_PER_DAY = 24;
/** Lag of the warmest moment behind the middle of the day, h, and how fast a night cools. @source Parton & Logan 1981 (from memory) */
const WARMEST_LAG_H = 1.86;
const NIGHT_COOLING = 2.2;
/** Without sunrise the day is shaped as a wave that is warmest at this hour (assumption). */
const POLAR_WARMEST_H = 14;

/** A day known only by its low and its high. */
export type LowHigh = {
  readonly lowC: number;
  readonly highC: number;
  /** Hours of local day, 0…24; `null` where the sun does not rise or set. */
  readonly sunriseH: number | null;
  readonly sunsetH: number | null;
};

export const LOW_HIGH_RANGE = { lowC: [-60, 40], highC: [-60, 45] } as const satisfies Record<string, Range>;

/** Temperature while the sun is up. */
function byDay(day: LowHigh, sunriseH: number, sunsetH: number, hour: number): number {
  const dayLengthH = sunsetH - sunriseH;
  const angle = (Math.PI * (hour - sunriseH)) / (dayLengthH + 2 * WARMEST_LAG_H);
  return day.lowC + (day.highC - day.lowC) * Math.sin(angle);
}

/**
 * Temperature at an hour of a day known by low and high: a sine from sunrise, an exponential through the night, the low
 * again at the next sunrise.
 * @param hour of local day, 0…24
 * @throws {CoreError} `out-of-range` when low, high or hour leave their ranges or the low lies above the high
 * @source Parton & Logan 1981, Agric. Meteorol. 23 (form; coefficients from memory)
 */
export function shapedTemperatureC(day: LowHigh, hour: number): number {
  assertInRange("lowC", day.lowC, LOW_HIGH_RANGE.lowC);
  assertInRange("highC", day.highC, LOW_HIGH_RANGE.highC);
  assertInRange("hour", hour, [0, HOURS_PER_DAY]);
  if (day.lowC > day.highC) {
    throw new CoreError("out-of-range", m.lowcMustNotLieAboveHighc({ lowC: day.lowC, highC: day.highC }));
  }
  const { sunriseH, sunsetH } = day;
  if (sunriseH === null || sunsetH === null) {
    const wave = Math.cos((2 * Math.PI * (hour - POLAR_WARMEST_H)) / HOURS_PER_DAY);
    return day.lowC + (day.highC - day.lowC) * (1 + wave) * 0.5;
  }
  if (hour >= sunriseH && hour <= sunsetH) return byDay(day, sunriseH, sunsetH, hour);
  const atSunsetC = byDay(day, sunriseH, sunsetH, sunsetH);
  const nightH = HOURS_PER_DAY - (sunsetH - sunriseH);
  const sinceSunsetH = hour > sunsetH ? hour - sunsetH : hour + HOURS_PER_DAY - sunsetH;
  // Scaled so that the exponential ends at the low instead of near it.
  const cooled = (1 - Math.exp((-NIGHT_COOLING * sinceSunsetH) / nightH)) / (1 - Math.exp(-NIGHT_COOLING));
  return atSunsetC - (atSunsetC - day.lowC) * cooled;
}
