import * as m from "@/messages";
import { totalMinutes } from "@/core/outing";
import type { Database } from "@/db";
import type { ForecastView } from "@/formats/wire/evening/forecast-view";
import { AppError } from "../app-error";
import { openOuting } from "../outings/open-outing";
import type { Forecasts } from "../ports/forecasts";
import { forecastAt, hoursToAsk } from "./forecast-at";

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
    throw new AppError("bad-input", m.thePlaceHasNoLatitudeAnd, {
      problems: [{ path: "setting.latitudeDeg", reason: m.isNeededForAForecast }],
    });
  }
  const hours = hoursToAsk(totalMinutes(phases));
  return forecastAt(forecasts, { latitudeDeg, longitudeDeg, startsAt, hours, asOfMs });
}
