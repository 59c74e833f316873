import { z } from "zod";
import { FEELS } from "@/core/outing";
import { SIDES } from "@/core/patches";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { learntSchema } from "../../outing-file/schema/learnt-schema";
import { acceptedSchema, bodySchema } from "../../outing-file/schema/person-schema";
import { practicePreferencesSchema } from "../kit/practice-preferences-schema";
import type { PersonView } from "./person-view";

const id = z.uuid();

/** What is told of a person, all of it. */
export const personContentSchema = bodySchema.extend({
  name: nameSchema,
  accepted: acceptedSchema,
  workingHand: z.enum(SIDES),
  coldHands: z.boolean(),
  feels: z.enum(FEELS),
  wearsGlasses: z.boolean(),
  usesNotes: z.boolean(),
});

/** Somebody new: the body is needed, the rest is usual where it is not said. */
export const newPersonSchema = personContentSchema.extend({
  id,
  /** Not said: as usual at their age. */
  accepted: acceptedSchema.optional(),
  workingHand: z.enum(SIDES).default("right"),
  coldHands: z.boolean().default(false),
  feels: z.enum(FEELS).default("usual"),
  wearsGlasses: z.boolean().default(false),
  usesNotes: z.boolean().default(true),
});
export type NewPerson = z.infer<typeof newPersonSchema>;

/** A person as they are to be kept, on the version they were read at. */
export const savedPersonSchema = personContentSchema.extend({ version: z.int().min(1), retired: z.boolean() });
export type SavedPerson = z.infer<typeof savedPersonSchema>;

/** What a person's notes come to, as pages get it. */
export const notesViewSchema = z.strictObject({
  told: z.int(),
  learnt: learntSchema.nullable(),
  isLearning: z.boolean(),
});

export const peopleSchema: z.ZodType<readonly PersonView[]> = z.array(
  personContentSchema.extend({
    id,
    version: z.int(),
    practicePreferences: practicePreferencesSchema,
    notes: notesViewSchema.optional(),
    retired: z.boolean(),
    outings: z.int(),
  }),
);
