import { z } from "zod";
import { FELT_PARTS, VOTES } from "@/core/logbook";
import { SENSORS } from "@/core/loggers";
import { instantSchema } from "../../within";

/** Readings of one sit that are kept and shown: two days of five loggers each minute. */
export const MOST_READINGS = 15_000;
/** More than anybody presses in a sit. */
const MOST_VOTES = 1000;

export const liveVoteSchema = z.strictObject({ part: z.enum(FELT_PARTS), vote: z.enum(VOTES), at: instantSchema });
export const liveVotesSchema = z.array(liveVoteSchema).max(MOST_VOTES);

/** Begins a sit. */
export const liveBeginSchema = z.strictObject({ beganAt: instantSchema });
/** What was said since, and whether the sit is over. */
export const liveChangeSchema = z.strictObject({
  votes: liveVotesSchema.default([]),
  endedAt: instantSchema.optional(),
});

export const liveReadingSchema = z.strictObject({
  sensor: z.enum(SENSORS),
  at: instantSchema,
  valueC: z.number(),
  place: z.int().min(0),
});
