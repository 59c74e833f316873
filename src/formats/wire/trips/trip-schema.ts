import { z } from "zod";
import { TRIP_RANGE } from "@/core/trip";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { nightSchema } from "../../trip/night-schema";
import { tripContentSchema } from "../../trip/content-schema";
import { instantSchema, wholeWithin, within } from "../../within";

const id = z.uuid();
/** More days than anybody is away for in one go. */
export const MOST_TRIP_DAYS = 60;

const days = z
  .array(z.strictObject({ outingId: id, night: nightSchema }))
  .min(1)
  .max(MOST_TRIP_DAYS);

/** A trip of outings there are, or of one repeated from day to day. */
export const newTripSchema = z.discriminatedUnion("from", [
  z.strictObject({ from: z.literal("outings"), id, name: nameSchema, days }),
  z.strictObject({
    from: z.literal("repeated"),
    id,
    name: nameSchema,
    outingId: id,
    days: wholeWithin([2, MOST_TRIP_DAYS]),
    /** When the first day begins; not said: with the outing itself. */
    startsAt: instantSchema.optional(),
    /** Twice a day: the second so many hours after the first, as evenings after mornings. */
    againAfterHours: within(TRIP_RANGE.againAfterHours).optional(),
    /** Each day by the forecast of its place; else hours of weather move with the day. */
    byForecast: z.boolean().default(false),
    night: nightSchema,
  }),
]);
export type NewTrip = z.output<typeof newTripSchema>;

/** A trip as it was edited. */
export const savedTripSchema = z.strictObject({
  version: z.int().min(1),
  name: nameSchema,
  days,
  /** Not said: as it is. */
  content: tripContentSchema.optional(),
});
export type SavedTrip = z.output<typeof savedTripSchema>;
