import * as m from "@/messages";
import { z } from "zod";
import { LOW_HIGH_RANGE } from "@/core/day";
import { OUTING_RANGE } from "@/core/outing";
import { CONDITION_RANGE } from "@/core/sitter";
import { STARTER_KITS } from "@/core/starter-kit";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { instantSchema, keysOf, wholeWithin, within } from "../../within";
import { newPersonSchema } from "../people/person-schema";
import { newPlaceSchema } from "../places/place-schema";
import { contentShape } from "./outing-schema";

const id = z.uuid();
const instant = instantSchema;
const known = z.strictObject({ kind: z.literal("known"), id });
const LONGEST_SIT_MINUTES = 1440;

const personSchema = z.discriminatedUnion("kind", [known, newPersonSchema.extend({ kind: z.literal("new") })]);

/** A day of which only the lowest and highest temperature are known. */
const lowHighSchema = z
  .strictObject({
    kind: z.literal("lowHigh"),
    lowC: within(LOW_HIGH_RANGE.lowC),
    highC: within(LOW_HIGH_RANGE.highC),
    windMPerS: within(CONDITION_RANGE.windMPerS),
    cloudShare: within(OUTING_RANGE.cloudShare).nullable().default(null),
  })
  .refine(({ lowC, highC }) => lowC <= highC, { path: ["lowC"], message: m.mustNotLieAboveHighc });

/** Where its hours come from. */
const weatherSchema = z.discriminatedUnion("kind", [
  lowHighSchema,
  /** Of the place, which has to have coordinates. */
  z.strictObject({ kind: z.literal("forecast") }),
  z.strictObject({ kind: z.literal("hours"), hours: contentShape.weather }),
]);

/** What is put on at once. */
const dressSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("nothing") }),
  /** As in another outing of the person. */
  z.strictObject({ kind: z.literal("outing"), id }),
  z.strictObject({ kind: z.literal("outfit"), id }),
  /** Generic pieces, added to the kit; `byCold`: the lightest of the kits that lasts as long as wanted. */
  z.strictObject({ kind: z.literal("generic"), kit: z.enum([...keysOf(STARTER_KITS), "byCold"]) }),
]);

/** An outing from nothing: who, where, when, in what weather, in which clothes. */
const fromPlaceSchema = z.strictObject({
  from: z.literal("place"),
  id,
  name: nameSchema,
  person: personSchema,
  place: z.discriminatedUnion("kind", [known, newPlaceSchema.extend({ kind: z.literal("new") })]),
  startsAt: instant,
  sitMinutes: wholeWithin([1, LONGEST_SIT_MINUTES]),
  weather: weatherSchema,
  dress: dressSchema.default({ kind: "nothing" }),
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
