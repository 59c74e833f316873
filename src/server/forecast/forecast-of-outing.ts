import { totalMinutes } from "@/core/outing";
import { MINUTES_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import type { Database } from "@/db";
import { FORECAST_RANGE } from "@/core/forecast";
import { toForecastView, type ForecastView } from "@/formats/wire/evening/forecast-view";
import { AppError } from "../app-error";
import { openOuting } from "../outings/open-outing";
import type { Forecasts } from "../ports/forecasts";

/** Hours past the planned end that are fetched too: a sit may be held longer. */
const HOURS_BEYOND = 6;

/**
 * What the service says of an outing's place and hours.
 * @param asOfMs as it stood then, ms since 1970 UTC
 * @throws {AppError} `not-found`, `bad-input` where the place has no coordinates
 */
export async function forecastOfOuting(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  outingId: string,
  asOfMs: number,
): Promise<ForecastView> {
  const { setting, startsAt, phases } = await openOuting(database, ownerId, outingId);
  const { latitudeDeg, longitudeDeg } = setting;
  if (latitudeDeg === undefined || longitudeDeg === undefined) {
    throw new AppError("bad-input", "The place has no latitude and longitude. Give both under Place, then ask again.", {
      problems: [{ path: "setting.latitudeDeg", reason: "is needed for a forecast" }],
    });
  }
  const fromMs = Date.parse(startsAt);
  const minutes = totalMinutes(phases);
  const hours = Math.min(FORECAST_RANGE.hours[1], Math.ceil(minutes / MINUTES_PER_HOUR) + 1 + HOURS_BEYOND);
  const firstMs = fromMs - (fromMs % (MINUTES_PER_HOUR * MS_PER_MINUTE));
  return toForecastView(await forecasts.at({ latitudeDeg, longitudeDeg, fromMs: firstMs, hours, asOfMs }));
}
