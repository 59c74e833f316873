import { z } from "zod";
import { DAMP_AT, ENDINGS, FELT_PARTS, FELT_RANGE, VOTES, type Felt } from "@/core/logbook";
import { wholeWithin } from "../../within";

const minutes = wholeWithin(FELT_RANGE.minutes);
const text = z.string().max(FELT_RANGE.letters).default("");

/** What was felt, as it is sent and kept; all but how long may be missing. */
export const feltSchema = z
  .strictObject({
    minutes,
    ended: z.enum(ENDINGS).nullable().default(null),
    first: z.enum(FELT_PARTS).nullable().default(null),
    parts: z
      .partialRecord(
        z.enum(FELT_PARTS),
        z.strictObject({ vote: z.enum(VOTES), coldAfterMinutes: minutes.nullable().default(null) }),
      )
      .default({}),
    dampAt: z.array(z.enum(DAMP_AT)).max(DAMP_AT.length).default([]),
    changed: text,
    wentRight: text,
    words: text,
  })
  .transform((felt): Felt => felt as Felt); // parts that are missing are not there, rather than undefined
