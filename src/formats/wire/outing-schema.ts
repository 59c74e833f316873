import { z } from "zod";
import { OUTING_RANGE } from "@/core/outing";
import { phaseSchema, wearingSchema, weatherValuesSchema } from "../outing-file/schema";

const MOST_UNIT = 8;
const MOST_TYPED = 10_000;

const typedSchema = z
  .strictObject({ value: z.number().min(-MOST_TYPED).max(MOST_TYPED), unit: z.string().min(1).max(MOST_UNIT) })
  .nullable()
  .default(null);

const id = z.uuid();

/** An hour of weather with what was typed. */
export const savedHourSchema = weatherValuesSchema.extend({
  at: z.iso.datetime({ offset: true }),
  airTemperatureTyped: typedSchema,
  windTyped: typedSchema,
});

/** What a browser sends to save a day sheet. */
export const saveOutingSchema = z.strictObject({
  version: z.int().min(1),
  weather: z
    .array(
      weatherValuesSchema.extend({
        at: z.iso.datetime({ offset: true }),
        airTemperatureTyped: typedSchema,
        windTyped: typedSchema,
      }),
    )
    .min(OUTING_RANGE.weatherHours[0])
    .max(OUTING_RANGE.weatherHours[1])
    .refine((hours) => new Set(hours.map(({ at }) => Date.parse(at))).size === hours.length, "names an hour twice"),
  phases: z
    .array(phaseSchema.omit({ spot: true }).extend({ id }))
    .min(OUTING_RANGE.phases[0])
    .max(OUTING_RANGE.phases[1])
    .refine((phases) => phases.some(({ kind }) => kind === "sit"), "needs at least one phase in which the person sits")
    .refine(
      (phases) => phases.reduce((total, { minutes }) => total + minutes, 0) <= OUTING_RANGE.totalMinutes[1],
      `may last ${OUTING_RANGE.totalMinutes[1]} minutes in all`,
    ),
  wearings: z.array(wearingSchema.safeExtend({ id, pieceId: id })).max(OUTING_RANGE.wearings[1]),
});

export type SaveOuting = z.infer<typeof saveOutingSchema>;
