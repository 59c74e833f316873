import { z } from "zod";
import { LOW_HIGH_RANGE } from "@/core/day";
import { OUTING_RANGE } from "@/core/outing";
import { CONDITION_RANGE } from "@/core/sitter";
import { nameSchema, timeZoneSchema } from "../../outing-file/schema/common-schema";
import { settingSchema } from "../../outing-file/schema/place-schema";
import { bodySchema } from "../../outing-file/schema/person-schema";
import { instantSchema, wholeWithin, within } from "../../within";
import { contentShape } from "./outing-schema";

const id = z.uuid();
const instant = instantSchema;
const known = z.strictObject({ kind: z.literal("known"), id });
const LONGEST_SIT_MINUTES = 1440;

const personSchema = z.discriminatedUnion("kind", [
  known,
  bodySchema.extend({ kind: z.literal("new"), id, name: nameSchema, coldHands: z.boolean().default(false) }),
]);

/** An outing from nothing: who, where, when, and a day of which low and high are known. */
const fromPlaceSchema = z.strictObject({
  from: z.literal("place"),
  id,
  name: nameSchema,
  person: personSchema,
  place: z.discriminatedUnion("kind", [
    known,
    z.strictObject({ kind: z.literal("new"), id, name: nameSchema, timeZone: timeZoneSchema, setting: settingSchema }),
  ]),
  startsAt: instant,
  sitMinutes: wholeWithin([1, LONGEST_SIT_MINUTES]),
  day: z
    .strictObject({
      lowC: within(LOW_HIGH_RANGE.lowC),
      highC: within(LOW_HIGH_RANGE.highC),
      windMPerS: within(CONDITION_RANGE.windMPerS),
      cloudShare: within(OUTING_RANGE.cloudShare).nullable().default(null),
    })
    .refine(({ lowC, highC }) => lowC <= highC, { path: ["lowC"], message: "must not lie above highC" }),
});

/** An outing like an earlier one, on another day or as it stands on a page that could not be saved. */
const copySchema = z.strictObject({
  from: z.literal("outing"),
  id,
  copyOf: id,
  name: nameSchema,
  /** Another day: hours of weather move with it. */
  startsAt: instant.optional(),
  content: z.strictObject(contentShape).optional(),
});

/** Another sitter on an outing: same place, hours and phases, clothes of their own. */
const alongSchema = z.strictObject({ from: z.literal("party"), id, besides: id, person: personSchema });

export const newOutingSchema = z.discriminatedUnion("from", [fromPlaceSchema, copySchema, alongSchema]);
export type OutingAlong = z.infer<typeof alongSchema>;
export type NewOuting = z.infer<typeof newOutingSchema>;
export type OutingFromPlace = z.infer<typeof fromPlaceSchema>;
export type OutingCopy = z.infer<typeof copySchema>;
