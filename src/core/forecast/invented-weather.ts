import { MS_PER_HOUR } from "../units";
import { seededRandom } from "../numeric";

// Weather that nobody measured, the same for the same place and hour. All figures are invented, chosen to look like a
// northern year; none is from a source.

export const HOURS_PER_DAY = 24;
const DAYS_PER_YEAR = 365.25;
const DEGREES_PER_HOUR = 15;
const YEARLY_MEAN_C = { at: 45, isC: 11, perDegreeK: -0.55 } as const;
const YEARLY_SWING_K = 11;
const WARMEST_DAY = 200;
const WARMEST_LOCAL_HOUR = 14;
const DAILY_SWING_K = { clear: 5, overcast: 1.2 } as const;
/** Weather comes and goes in waves of so many hours, each with a share of the whole swing. */
const WAVES = [
  { hours: 210, share: 0.6 },
  { hours: 97, share: 0.45 },
  { hours: 31, share: 0.25 },
] as const;
const SWING_K = 6;
const WIND = { meanMPerS: 4, swingMPerS: 2.6, leastMPerS: 0.2 } as const;
const HUMIDITY = { clearPercent: 68, overcastPercent: 90 } as const;
/** Rain or snow falls where cloud is thicker than this, up to so much an hour. */
const RAIN = { fromCloud: 0.82, mostMm: 2.2 } as const;
/** Cloud usually, and about what it swings how far. */
const CLOUD = { usualShare: 0.6, meanShare: 0.55, swingShare: 0.6 } as const;
const GRID_PER_DEGREE = 4;

/** A place's number: neighbours within a quarter of a degree share their weather. */
export function placeSeed(latitudeDeg: number, longitudeDeg: number): number {
  const row = Math.round(latitudeDeg * GRID_PER_DEGREE);
  const column = Math.round(longitudeDeg * GRID_PER_DEGREE);
  return (Math.imul(row + 1000, 0x9e3779b1) ^ Math.imul(column + 5000, 0x85ebca6b)) >>> 0;
}

/** A wave of −1…1 about, with phases of its own for each seed. */
export function wave(seed: number, hour: number): number {
  const random = seededRandom(seed);
  return WAVES.reduce((sum, { hours, share }) => {
    const phase = random() * 2 * Math.PI;
    const stretch = 0.85 + 0.3 * random();
    return sum + share * Math.sin((2 * Math.PI * hour) / (hours * stretch) + phase);
  }, 0);
}

/** What an hour is made of before it is rounded. */
export type InventedHour = {
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  readonly cloudShare: number;
  readonly precipitationMm: number;
};

const within01 = (value: number): number => Math.min(1, Math.max(0, value));
const SEEDS = { air: 1, cloud: 2, wind: 3 } as const;
const seedOf = (index: number, of: number): number => (index + Math.imul(of, 0x27d4eb2f)) >>> 0;

/** What the season usually brings at an hour: mean of the year and day, no weather of its own. */
export function usualHour(latitudeDeg: number, longitudeDeg: number, atMs: number): InventedHour {
  const day = atMs / (MS_PER_HOUR * HOURS_PER_DAY);
  const dayOfYear = day % DAYS_PER_YEAR;
  const southern = latitudeDeg < 0 ? DAYS_PER_YEAR / 2 : 0;
  const season = Math.cos((2 * Math.PI * (dayOfYear - WARMEST_DAY + southern)) / DAYS_PER_YEAR);
  const meanC = YEARLY_MEAN_C.isC + (Math.abs(latitudeDeg) - YEARLY_MEAN_C.at) * YEARLY_MEAN_C.perDegreeK;
  const localHour = (atMs / MS_PER_HOUR + longitudeDeg / DEGREES_PER_HOUR) % HOURS_PER_DAY;
  const time = Math.cos((2 * Math.PI * (localHour - WARMEST_LOCAL_HOUR)) / HOURS_PER_DAY);
  const cloudShare = CLOUD.usualShare;
  const dailyK = DAILY_SWING_K.clear + (DAILY_SWING_K.overcast - DAILY_SWING_K.clear) * cloudShare;
  return {
    airTemperatureC: meanC + YEARLY_SWING_K * season + dailyK * time,
    windMPerS: WIND.meanMPerS,
    relativeHumidityPercent: HUMIDITY.clearPercent + (HUMIDITY.overcastPercent - HUMIDITY.clearPercent) * cloudShare,
    cloudShare,
    precipitationMm: 0,
  };
}

/** The weather that "comes", as this program invents it. */
export function inventedHour(latitudeDeg: number, longitudeDeg: number, atMs: number): InventedHour {
  const index = placeSeed(latitudeDeg, longitudeDeg);
  const hour = atMs / MS_PER_HOUR;
  const usual = usualHour(latitudeDeg, longitudeDeg, atMs);
  const cloudShare = within01(CLOUD.meanShare + CLOUD.swingShare * wave(seedOf(index, SEEDS.cloud), hour));
  const over = Math.max(0, cloudShare - RAIN.fromCloud) / (1 - RAIN.fromCloud);
  const wind = WIND.meanMPerS + WIND.swingMPerS * wave(seedOf(index, SEEDS.wind), hour);
  return {
    airTemperatureC: usual.airTemperatureC + SWING_K * wave(seedOf(index, SEEDS.air), hour),
    windMPerS: Math.max(WIND.leastMPerS, wind),
    relativeHumidityPercent: HUMIDITY.clearPercent + (HUMIDITY.overcastPercent - HUMIDITY.clearPercent) * cloudShare,
    cloudShare,
    precipitationMm: RAIN.mostMm * over,
  };
}
