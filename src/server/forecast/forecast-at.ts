import { FORECAST_RANGE } from "@/core/forecast";
import { MINUTES_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import { toForecastView, type ForecastView } from "@/formats/wire/evening/forecast-view";
import type { Forecasts } from "../ports/forecasts";

export type AskedAt = {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** ISO 8601; the forecast begins with the hour it lies in. */
  readonly startsAt: string;
  readonly hours: number;
  /** As it stood then, ms since 1970 UTC. */
  readonly asOfMs: number;
};

const MS_PER_HOUR = MINUTES_PER_HOUR * MS_PER_MINUTE;

/** What the service says of a point on earth from an hour on. */
export async function forecastAt(
  forecasts: Forecasts,
  { latitudeDeg, longitudeDeg, startsAt, hours, asOfMs }: AskedAt,
): Promise<ForecastView> {
  const fromMs = Date.parse(startsAt);
  const firstMs = fromMs - (fromMs % MS_PER_HOUR);
  const wanted = Math.min(FORECAST_RANGE.hours[1], Math.max(FORECAST_RANGE.hours[0], hours));
  return toForecastView(await forecasts.at({ latitudeDeg, longitudeDeg, fromMs: firstMs, hours: wanted, asOfMs }));
}

/** Hours past the planned end that are fetched too: a sit may be held longer. */
const HOURS_BEYOND = 6;

/** Hours of forecast that an outing of so many minutes asks for. */
export const hoursToAsk = (minutes: number): number => Math.ceil(minutes / MINUTES_PER_HOUR) + 1 + HOURS_BEYOND;
