import { z } from "zod";
import { FORECAST_RANGE } from "@/core/forecast";
import { OUTING_RANGE } from "@/core/outing";
import { CONDITION_RANGE } from "@/core/sitter";
import { instantSchema, wholeWithin, within } from "../../within";
import type { ForecastView } from "./forecast-view";

const instant = z.iso.datetime();

export const forecastViewSchema: z.ZodType<ForecastView> = z.strictObject({
  service: z.string(),
  invented: z.boolean(),
  issuedAt: instant,
  isUsualWeather: z.boolean(),
  hours: z
    .array(
      z.strictObject({
        at: instant,
        airTemperatureC: within(CONDITION_RANGE.airTemperatureC),
        windMPerS: within(CONDITION_RANGE.windMPerS),
        relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
        cloudShare: within(OUTING_RANGE.cloudShare),
        precipitationMm: within(OUTING_RANGE.precipitationMm),
        airSpreadK: within(FORECAST_RANGE.spreadK),
        windSpreadShare: within(FORECAST_RANGE.spreadShare),
      }),
    )
    .min(FORECAST_RANGE.hours[0])
    .max(FORECAST_RANGE.hours[1]),
});

/** How many hours a question asks for. */
export const forecastHoursSchema = z.coerce.number().pipe(wholeWithin(FORECAST_RANGE.hours));

/** When a question asks how it stood. */
export const asOfSchema = instantSchema.optional();
