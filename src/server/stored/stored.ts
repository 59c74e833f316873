import * as m from "@/messages";
import { z } from "zod";
import { traitsSchema } from "@/formats/outing-file/schema/piece-schema";
import { settingSchema } from "@/formats/outing-file/schema/place-schema";
import { acceptedSchema } from "@/formats/outing-file/schema/person-schema";
import { usualLevels } from "@/core/outing";
import { doingExtras, recurringSchema } from "@/formats/outing-file/schema/doing-schema";
import { heatSpansSchema } from "@/formats/outing-file/schema/heat-schema";
import { labelSchema } from "@/formats/outing-file/schema/label-schema";
import { careSchema } from "@/formats/wire/kit/kit-schema";
import { practicePreferencesSchema } from "@/formats/wire/kit/practice-preferences-schema";
import { outfitWearingsSchema } from "@/formats/wire/kit/outfit-schema";
import { preparationSchema, typedSchema } from "@/formats/wire/outing/outing-schema";
import { AppError } from "../app-error";

// What stands in the database as JSON was written by some version of this program, perhaps an older one, or put there by
// hand: the database checks little of it. So it is parsed when it is read, each kind by its newest schema, after the steps
// that lead from older versions to it. Tests read rows of every migration.

/** A step from an older version of what is stored to the next; what is of the next already stays as it is. */
type Upgrade = (value: unknown) => unknown;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Fields that an older version did not write, as they were meant then. */
const withDefaults =
  (defaults: Readonly<Record<string, unknown>>): Upgrade =>
  (value) =>
    isRecord(value) ? { ...defaults, ...value } : value;

/**
 * A reader of one kind of stored JSON.
 * @param words what it is, for whoever has to mend it
 */
export const reader =
  <Schema extends z.ZodType>(words: string, schema: Schema, ...upgrades: readonly Upgrade[]) =>
  (value: unknown, whose: string): z.output<Schema> => {
    const parsed = schema.safeParse(upgrades.reduce((older, upgrade) => upgrade(older), value));
    if (parsed.success) return parsed.data;
    const problems = parsed.error.issues.map(({ path, message }) => ({ path: path.join("."), reason: message }));
    throw new AppError("stored-unreadable", m.theOfIsKeptInA({ words, whose }), { problems });
  };

export const readSetting = reader("setting", settingSchema);
export const readPracticePreferences = reader(
  m.listOfPracticePreferences,
  practicePreferencesSchema,
  withDefaults({ avoids: [], practices: {} }),
);
export const readPreparation = reader("plan", preparationSchema, (value) => value ?? {});
export const readLabel = reader("label", labelSchema);
export const readTraits = reader(m.listOfTraits, traitsSchema, (value) => value ?? {});
export const readCare = reader("care", careSchema, (value) => value ?? {});
export const readEffort = reader("effort", doingExtras.effort.nullable());
export const readRecurring = reader(m.listOfTasks, z.array(recurringSchema), (value) => value ?? []);
export const readHeat = reader("heating", heatSpansSchema.nullable());
export const readTyped = reader(m.numberTyped, typedSchema);
export const readOutfitWearings = reader(m.listOfPieces, outfitWearingsSchema);

/** A person stored before a limit was known accepts the usual level of it. */
export const readAccepted = (
  value: unknown,
  person: { readonly name: string; readonly ageYears: number; readonly massKg: number },
): z.output<typeof acceptedSchema> =>
  reader(m.listOfAcceptedLevels, acceptedSchema, withDefaults(usualLevels(person)))(value, person.name);
