import * as m from "@/messages";
import { CONDITION_RANGE } from "@/core/sitter";
import { LOW_HIGH_RANGE } from "@/core/day";
import { OUTING_RANGE } from "@/core/outing";
import { within } from "../../within";
import { z } from "zod";
import { temperatureC, instant } from "./common-schema";

export const weatherValuesSchema = z.strictObject({
  airTemperatureC: temperatureC,
  windMPerS: within(CONDITION_RANGE.windMPerS),
  relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
  radiantTemperatureC: temperatureC.nullable().default(null),
});

export const fileHourSchema = weatherValuesSchema.extend({
  at: instant,
  cloudShare: within(OUTING_RANGE.cloudShare).nullable().optional(),
  precipitationMm: within(OUTING_RANGE.precipitationMm).nullable().optional(),
});

export const lowHighSchema = z
  .strictObject({
    lowC: within(LOW_HIGH_RANGE.lowC),
    highC: within(LOW_HIGH_RANGE.highC),
    windMPerS: within(CONDITION_RANGE.windMPerS),
    relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
    cloudShare: within(OUTING_RANGE.cloudShare).nullable().optional(),
  })
  .refine(({ lowC, highC }) => lowC <= highC, { path: ["lowC"], message: m.mustNotLieAboveHighc });
