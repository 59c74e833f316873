import { inventedHour } from "../forecast";
import { MS_PER_HOUR } from "../units";
import type { SeasonSite, SeasonWeather } from "./season-weather";

const MS_PER_DAY = 24 * MS_PER_HOUR;
const DAYS = 366;
/** Years stand apart by so many degrees of longitude in the invented weather: each place and year has its own. */
const DEGREES_A_SEED = 7;

/**
 * A year of invented weather at a place, hour by hour: the same for the same place, year and seed. It is nobody's record.
 * @param fromMs where it begins, ms since 1970; the whole hour before
 * @param seed another one is another year of the same climate; 0: the year the invented forecast tells
 */
export function inventedYear(site: SeasonSite, fromMs: number, seed = 0): SeasonWeather {
  const firstMs = Math.floor(fromMs / MS_PER_HOUR) * MS_PER_HOUR;
  const hours = Array.from({ length: (DAYS * MS_PER_DAY) / MS_PER_HOUR }, (_, hour) => {
    const atMs = firstMs + hour * MS_PER_HOUR;
    // Another longitude is another draw; the sun's hour goes with it, and so is taken back.
    const shiftedMs = atMs - (seed * DEGREES_A_SEED * MS_PER_DAY) / 360;
    return { atMs, ...inventedHour(site.latitudeDeg, site.longitudeDeg + seed * DEGREES_A_SEED, shiftedMs) };
  });
  return { site, hours };
}

/** Kinds of day by the sky at the seat. */
export const DAY_KINDS = ["clear", "overcast", "wet"] as const;
export type DayKind = (typeof DAY_KINDS)[number];
/** Clear up to so much cloud (assumption). */
const CLEAR_TO_SHARE = 0.4;

/** @param hour weather of an hour; what is not told is taken as dry and overcast */
export function dayKind({
  cloudShare,
  precipitationMm,
}: {
  readonly cloudShare?: number | null | undefined;
  readonly precipitationMm?: number | null | undefined;
}): DayKind {
  if ((precipitationMm ?? 0) > 0) return "wet";
  return (cloudShare ?? 1) <= CLEAR_TO_SHARE ? "clear" : "overcast";
}
