import { lastingOf, type Lasting, type Limit } from "../limits";
import { sitSpans, withSitMinutes, type Outing } from "../outing";
import { outfitResolverOf, restedFor, simulateOneSit, type SimulationOptions } from "../simulation";
import { WeatherCourse } from "../weather";
import { datesOf, type SeasonDate, type SeasonHabit } from "./habit";
import { outingOn } from "./outing-on";
import type { SeasonWeather } from "./season-weather";

/** How a day of a season goes. */
export type SeasonDay = SeasonDate &
  Lasting & {
    /** At the seat, as the sit begins. */
    readonly airTemperatureC: number;
    readonly windMPerS: number;
    readonly isCovered: boolean;
  };

/** A season's days and what they come to. */
export type Season = {
  readonly days: readonly SeasonDay[];
  /** Days of the habit for which hours of weather are missing. */
  readonly withoutWeather: number;
};

export type SeasonSummary = {
  readonly outings: number;
  readonly covered: number;
  /** 0 … 1; 0 of no outings. */
  readonly coveredShare: number;
  readonly satMinutes: number;
  readonly wantedMinutes: number;
  /** Outings that end too early, by what ends them. */
  readonly lostTo: Readonly<Partial<Record<Limit, number>>>;
  /** The coldest that is covered, °C; `null` where none is. */
  readonly coldestServedC: number | null;
};

/** A day of a season and its outing. */
export type SeasonOuting = SeasonDate & { readonly outing: Outing };

/** An outing on every day of a habit for which there is weather; its first sit lasts as long as is wanted. */
export function daysOf(
  outing: Outing,
  { site, hours }: SeasonWeather,
  habit: SeasonHabit,
): { readonly days: readonly SeasonOuting[]; readonly withoutWeather: number } {
  const plan = withSitMinutes(outing, habit.wantedMinutes);
  const dates = datesOf(habit, site, hours);
  const days = dates.flatMap((date): SeasonOuting[] => {
    const own = outingOn(plan, date.seatAtMs, hours, site);
    return own ? [{ ...date, outing: own }] : [];
  });
  return { days, withoutWeather: dates.length - days.length };
}

/** The weather at the seat as the sit of a day begins; wind at 10 m. */
export function weatherAtSeat({ outing }: SeasonOuting): Pick<SeasonDay, "airTemperatureC" | "windMPerS"> {
  const { airTemperatureC, windMPerS } = new WeatherCourse(outing.weather).at(sitSpans(outing.phases)[0]!.fromMinute);
  return { airTemperatureC, windMPerS };
}

/** The days of a season, each simulated. @throws {CoreError} as `simulateOuting` does */
export function seasonOf(outing: Outing, weather: SeasonWeather, habit: SeasonHabit): Season {
  const { days, withoutWeather } = daysOf(outing, weather, habit);
  const same = sameOnAllDays(outing, habit);
  return { days: days.map((day) => dayOf(day, habit, same)), withoutWeather };
}

/** What is the same on all days of a season: who steps out, and in which clothes. */
export function sameOnAllDays(outing: Outing, { wantedMinutes }: SeasonHabit): SimulationOptions {
  const plan = withSitMinutes(outing, wantedMinutes);
  return { rested: restedFor(plan), labelErrors: { resolver: outfitResolverOf(plan) } };
}

/** A day simulated. @param same of all days: `sameOnAllDays` @throws {CoreError} as `simulateOuting` does */
export function dayOf(day: SeasonOuting, { wantedMinutes }: SeasonHabit, same: SimulationOptions): SeasonDay {
  const { outing, ...date } = day;
  const lasting = lastingOf(simulateOneSit(outing, 0, same));
  return {
    ...date,
    ...weatherAtSeat(day),
    ...lasting,
    isCovered: lasting.minutesStill === null || lasting.minutesStill >= wantedMinutes,
  };
}

/** @param days of what is worn by whatever rule, each with whether it is covered */
export function summaryOf(
  days: readonly Pick<SeasonDay, "minutesStill" | "limit" | "isCovered" | "airTemperatureC">[],
  wantedMinutes: number,
): SeasonSummary {
  const covered = days.filter(({ isCovered }) => isCovered);
  const lostTo: Partial<Record<Limit, number>> = {};
  for (const { isCovered, limit } of days) if (!isCovered && limit) lostTo[limit] = (lostTo[limit] ?? 0) + 1;
  return {
    outings: days.length,
    covered: covered.length,
    coveredShare: days.length === 0 ? 0 : covered.length / days.length,
    satMinutes: days.reduce((sum, { minutesStill }) => sum + Math.min(minutesStill ?? Infinity, wantedMinutes), 0),
    wantedMinutes: days.length * wantedMinutes,
    lostTo,
    coldestServedC: covered.length === 0 ? null : Math.min(...covered.map(({ airTemperatureC }) => airTemperatureC)),
  };
}
