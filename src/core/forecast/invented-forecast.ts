import * as m from "@/messages";
import { MS_PER_HOUR } from "../units";
import { assertInRange } from "../errors";
import { FORECAST_RANGE, type Forecast, type ForecastAsked, type ForecastHour } from "./forecast";
import { HOURS_PER_DAY, inventedHour, placeSeed, usualHour, wave, type InventedHour } from "./invented-weather";

const INVENTED_SERVICE = m.umiaksInventedForecast;
/** A new run comes so often, and reaches so far (assumptions, as services usually do). */
export const RUN_EVERY_HOURS = 3;
export const REACHES_DAYS = 9;

/** How far a forecast may be off at once, and what each square root of a day ahead adds (assumptions). */
export const AIR_SPREAD_K = { atOnce: 0.4, perRootDay: 0.9, usualWeather: 4 } as const;
export const WIND_SPREAD = { atOnce: 0.08, perRootDay: 0.09, usualWeather: 0.5 } as const;
const MOST_WIND_SPREAD = 0.5;
/** Errors of following runs are alike: they turn in about this many runs. */
const RUNS_PER_TURN = 5;
/** And slowly with the hour they speak of: so much of an hour each hour. */
const TURN_PER_HOUR = 0.2;
/** Keeps the errors of a place apart from its weather, and those of wind from those of air. */
const ERROR_SEEDS = { air: 0x51ed270b, wind: 0x51ed270a } as const;

const oneDecimal = (value: number): number => Math.round(value * 10) / 10;

/** Standard deviation so many hours ahead. */
const spreadAhead = ({ atOnce, perRootDay }: typeof AIR_SPREAD_K | typeof WIND_SPREAD, leadHours: number): number =>
  atOnce + perRootDay * Math.sqrt(Math.max(0, leadHours) / HOURS_PER_DAY);

/** Issue time of the newest run that stood at a time. */
const runIssuedMs = (asOfMs: number): number => {
  const runMs = RUN_EVERY_HOURS * MS_PER_HOUR;
  return Math.floor(asOfMs / runMs) * runMs;
};

function rounded(atMs: number, hour: InventedHour, airSpreadK: number, windSpreadShare: number): ForecastHour {
  return {
    atMs,
    airTemperatureC: oneDecimal(hour.airTemperatureC),
    windMPerS: oneDecimal(Math.max(0, hour.windMPerS)),
    relativeHumidityPercent: Math.round(hour.relativeHumidityPercent),
    cloudShare: oneDecimal(hour.cloudShare),
    precipitationMm: oneDecimal(hour.precipitationMm),
    airSpreadK: oneDecimal(airSpreadK),
    windSpreadShare: Math.round(windSpreadShare * 100) / 100,
  };
}

/**
 * A forecast that this program invents: the same for the same place, hours and run; runs err the less the nearer the hour.
 * @throws {CoreError} `out-of-range` for more hours than FORECAST_RANGE
 * @source none: invented
 */
export function inventedForecast({ latitudeDeg, longitudeDeg, fromMs, hours, asOfMs }: ForecastAsked): Forecast {
  assertInRange("hours", hours, FORECAST_RANGE.hours);
  const issuedAtMs = runIssuedMs(asOfMs);
  const isUsualWeather = fromMs - issuedAtMs > REACHES_DAYS * HOURS_PER_DAY * MS_PER_HOUR;
  const run = issuedAtMs / (RUN_EVERY_HOURS * MS_PER_HOUR);
  const index = placeSeed(latitudeDeg, longitudeDeg);
  const hourAt = (atMs: number): ForecastHour => {
    if (isUsualWeather) {
      return rounded(
        atMs,
        usualHour(latitudeDeg, longitudeDeg, atMs),
        AIR_SPREAD_K.usualWeather,
        WIND_SPREAD.usualWeather,
      );
    }
    const leadHours = (atMs - issuedAtMs) / MS_PER_HOUR;
    const airSpreadK = spreadAhead(AIR_SPREAD_K, leadHours);
    const windSpread = Math.min(MOST_WIND_SPREAD, spreadAhead(WIND_SPREAD, leadHours));
    const truth = inventedHour(latitudeDeg, longitudeDeg, atMs);
    // An error turns with the run and slowly with the hour it speaks of.
    const turn = (run / RUNS_PER_TURN) * HOURS_PER_DAY + (atMs / MS_PER_HOUR) * TURN_PER_HOUR;
    const airError = leadHours <= 0 ? 0 : airSpreadK * wave(index ^ ERROR_SEEDS.air, turn);
    const windError = leadHours <= 0 ? 0 : windSpread * wave(index ^ ERROR_SEEDS.wind, turn);
    return rounded(
      atMs,
      {
        ...truth,
        airTemperatureC: truth.airTemperatureC + airError,
        windMPerS: truth.windMPerS * (1 + windError),
      },
      airSpreadK,
      windSpread,
    );
  };
  const first = Math.floor(fromMs / MS_PER_HOUR) * MS_PER_HOUR;
  return {
    service: INVENTED_SERVICE,
    invented: true,
    issuedAtMs,
    isUsualWeather,
    hours: Array.from({ length: hours }, (_, hour) => hourAt(first + hour * MS_PER_HOUR)),
  };
}
