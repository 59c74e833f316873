import * as m from "@/messages";
import { TZDate } from "@date-fns/tz";
import type { SeasonHour, SeasonSite } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import type { Told } from "../table/read-table";
import type { WeatherHabits } from "../weather-import/guess-column";
import { readWeather } from "../weather-import/read-weather";
import { readEpw, type ReadSeason } from "./read-epw";

const EPW = /^\uFEFF?LOCATION,/i;

/** Where the weather of a table without a site of its own is taken to be told for. */
export type TablePlace = {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly timeZone: string;
};

/**
 * Reads a year's weather: an EPW file with its own site, or any table of hours as for an outing, told for a place.
 * Rows that cannot be read are named and left out.
 */
export function readSeasonFile(text: string, place: TablePlace, habits?: WeatherHabits): ReadSeason {
  if (EPW.test(text)) return readEpw(text);
  const { hours, problems, notes } = readWeather(text, {
    timeZone: place.timeZone,
    isSeason: true,
    ...(habits ? { habits } : {}),
  });
  const [first] = hours;
  if (!first) return { ok: false, problems: problems.length > 0 ? problems : [{ at: "", reason: m.nothingWasGiven }] };
  const read = hours.map(
    ({ at, airTemperatureC, windMPerS, relativeHumidityPercent, cloudShare, precipitationMm }): SeasonHour => ({
      atMs: Date.parse(at),
      airTemperatureC,
      windMPerS,
      relativeHumidityPercent,
      cloudShare,
      precipitationMm,
    }),
  );
  const leftOut: Told[] =
    problems.length > 0 ? [{ at: "", reason: m.seasonRowsLeftOut({ count: problems.length }) }] : [];
  return {
    ok: true,
    weather: { site: siteOf(place, first.at), hours: read },
    notes: [...leftOut, ...problems, ...notes],
  };
}

/** The site of a place; its clock that of the zone in January, all year. */
export function siteOf({ name, latitudeDeg, longitudeDeg, timeZone }: TablePlace, at: string): SeasonSite {
  const winter = new TZDate(new Date(at).getFullYear(), 0, 15, 12, 0, timeZone);
  return {
    name,
    latitudeDeg,
    longitudeDeg,
    altitudeM: 0,
    utcOffsetHours: -winter.getTimezoneOffset() / MINUTES_PER_HOUR,
  };
}
