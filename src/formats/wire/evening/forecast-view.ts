import type { Forecast } from "@/core/forecast";
import type { WeatherHourView } from "../outing/outing-view";

export type ForecastHourView = {
  /** ISO 8601, UTC. */
  readonly at: string;
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  readonly cloudShare: number;
  readonly precipitationMm: number;
  /** One standard deviation. */
  readonly airSpreadK: number;
  readonly windSpreadShare: number;
};

/** A forecast as it is answered. */
export type ForecastView = {
  readonly service: string;
  readonly invented: boolean;
  readonly issuedAt: string;
  readonly isUsualWeather: boolean;
  readonly hours: readonly ForecastHourView[];
};

export const toForecastView = ({ issuedAtMs, hours, ...forecast }: Forecast): ForecastView => ({
  ...forecast,
  issuedAt: new Date(issuedAtMs).toISOString(),
  hours: hours.map(({ atMs, ...hour }) => ({ at: new Date(atMs).toISOString(), ...hour })),
});

/** The hours as a sheet keeps them. */
export const hoursOfForecast = ({ hours }: ForecastView): WeatherHourView[] =>
  hours.map(({ airSpreadK: _air, windSpreadShare: _wind, ...hour }) => ({
    ...hour,
    radiantTemperatureC: null,
    airTemperatureTyped: null,
    windTyped: null,
  }));
