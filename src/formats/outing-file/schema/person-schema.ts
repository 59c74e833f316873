import { CONDITION_RANGE, INDOOR_START_RANGE, USUAL_START } from "@/core/sitter";
import { LEVELS, LIMITS } from "@/core/limits";
import { FEELS, OUTING_RANGE } from "@/core/outing";
import { PERSON_RANGE } from "@/core/body";
import { SIDES } from "@/core/patches";
import { wholeWithin, within } from "../../within";
import { z } from "zod";
import { learntSchema } from "./learnt-schema";

export const acceptedSchema = z.strictObject(
  Object.fromEntries(LIMITS.map((limit) => [limit, z.enum(LEVELS).default("cold")])) as Record<
    (typeof LIMITS)[number],
    z.ZodDefault<z.ZodEnum<{ comfort: "comfort"; cold: "cold"; hard: "hard" }>>
  >,
);

export const bodySchema = z.strictObject({
  heightM: within(PERSON_RANGE.heightM),
  massKg: within(PERSON_RANGE.massKg),
  fatPercent: within(PERSON_RANGE.fatPercent),
  ageYears: wholeWithin(PERSON_RANGE.ageYears),
  sex: z.enum(["female", "male"]),
});

const factor = within(OUTING_RANGE.calibrationFactor);

export const filePersonSchema = bodySchema.extend({
  accepted: z.partialRecord(z.enum(LIMITS), z.enum(LEVELS)).optional(),
  workingHand: z.enum(SIDES).optional(),
  coldHands: z.boolean().optional(),
  feels: z.enum(FEELS).optional(),
  heatDebtEnds: z.boolean().optional(),
  calibration: z.strictObject({ basalHeatFactor: factor, digitFlowFactor: factor }).optional(),
  learnt: learntSchema.optional(),
});

export const startSchema = z
  .strictObject({
    minutes: wholeWithin(INDOOR_START_RANGE.minutes),
    airTemperatureC: within(INDOOR_START_RANGE.airTemperatureC),
    relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
    insulationClo: within(INDOOR_START_RANGE.insulationClo),
    activityRatio: within(CONDITION_RANGE.activityRatio),
    windMPerS: within(CONDITION_RANGE.windMPerS),
  })
  .default(USUAL_START);
