import { z } from "zod";
import { CONDITION_RANGE } from "@/core/sitter";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { instantSchema, wholeWithin, within } from "../../within";
import { feltSchema } from "./felt-schema";

const id = z.uuid();
/** So many sits are brought in at once, at most: more than anybody sits in ten years. */
export const MOST_PAST_SITS = 500;
/** A walk in; who is driven to the seat walks for none. */
export const WALK_RANGE_MINUTES = [0, 600] as const;
/** Nobody wears more pieces at once. */
const MOST_WORN = 60;

/** Sits of the past, as a table tells them: each becomes an outing with its note. */
export const pastSitsSchema = z.strictObject({
  personId: id,
  sits: z
    .array(
      z.strictObject({
        id,
        name: nameSchema,
        startsAt: instantSchema,
        placeId: id,
        /** `null`: as usual. */
        walkMinutes: wholeWithin(WALK_RANGE_MINUTES).nullable(),
        airTemperatureC: within(CONDITION_RANGE.airTemperatureC),
        windMPerS: within(CONDITION_RANGE.windMPerS),
        pieceIds: z.array(id).max(MOST_WORN),
        felt: feltSchema,
      }),
    )
    .min(1)
    .max(MOST_PAST_SITS),
});
export type PastSits = z.output<typeof pastSitsSchema>;

/** How many were kept, and how many were there already. */
export const broughtInSchema = z.strictObject({ kept: z.int(), known: z.int() });
export type BroughtIn = z.infer<typeof broughtInSchema>;

/** JSON Schema of what is sent. */
export const pastSitsJsonSchema = (): object => z.toJSONSchema(pastSitsSchema, { io: "input" });
