import type { Range } from "../errors";

/** An hour as a forecast service gives it, with how far it may be off (one standard deviation). */
export type ForecastHour = {
  readonly atMs: number;
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  readonly cloudShare: number;
  /** Through the hour that begins here, as water, mm. */
  readonly precipitationMm: number;
  readonly airSpreadK: number;
  readonly windSpreadShare: number;
};

/** What a service says of a place. */
export type Forecast = {
  readonly service: string;
  /** Made up by this program: to be said wherever it is shown. */
  readonly invented: boolean;
  readonly issuedAtMs: number;
  /** Too far ahead for a forecast: the season's usual weather. */
  readonly isUsualWeather: boolean;
  readonly hours: readonly ForecastHour[];
};

/** What is asked of a service. */
export type ForecastAsked = {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** First hour wanted, ms since 1970 UTC, and how many. */
  readonly fromMs: number;
  readonly hours: number;
  /** As it stood then, ms since 1970 UTC. */
  readonly asOfMs: number;
};

export const FORECAST_RANGE = { hours: [1, 72], spreadShare: [0, 1], spreadK: [0, 20] } as const satisfies Record<
  string,
  Range
>;
