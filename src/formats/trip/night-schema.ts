import { z } from "zod";
import { DRIED_HOW, NIGHT_KINDS, NIGHT_RANGE } from "@/core/trip";
import { within } from "../within";

const MOST_PIECES = 200;

/** How single pieces spend a night, by their ids; else as they usually do. */
export const driedHowSchema = z
  .record(z.string().max(100), z.enum(DRIED_HOW))
  .refine((how) => Object.keys(how).length <= MOST_PIECES);

/** Pieces washed in a night, by their ids. */
export const washedSchema = z.array(z.string().max(100)).max(MOST_PIECES);

/** A whole night, as it is kept. */
export const nightSchema = z.strictObject({
  kind: z.enum(NIGHT_KINDS),
  air: z.strictObject({
    airC: within(NIGHT_RANGE.airC),
    relativeHumidityPercent: within(NIGHT_RANGE.relativeHumidityPercent),
  }),
  fireHours: within(NIGHT_RANGE.fireHours),
  hasDrier: z.boolean(),
  hasMains: z.boolean(),
  /** What was kept before washing could be said had none. */
  hasWashing: z.boolean().default(false),
  how: driedHowSchema,
  washed: washedSchema.optional(),
});
