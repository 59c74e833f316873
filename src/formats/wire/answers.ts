import { z } from "zod";
import { LIMIT_PARTS, LIMITS } from "@/core/limits";
import { PIECE_KINDS } from "@/core/pieces";
import { labelSchema } from "../outing-file/schema/label-schema";
import { sheetWearingSchema, traitsSchema } from "../outing-file/schema/piece-schema";
import { sheetPhaseSchema } from "../outing-file/schema/phase-schema";
import { settingSchema } from "../outing-file/schema/place-schema";
import type { OutingLine, OutingView, VerdictLine } from "./outing/outing-view";
import type { Restored } from "./restored";
import type { History } from "../sheet-commands/sheet-command";
import { commandSchema, preparationSchema, savedHourSchema } from "./outing/outing-schema";
import { notesViewSchema, personContentSchema } from "./people/person-schema";
import { practicePreferencesSchema } from "./kit/practice-preferences-schema";

// What endpoints answer. Each answer is parsed before it leaves: a row that no longer fits is found here, not in a browser.

const id = z.uuid();
const instant = z.iso.datetime();

export const verdictLineSchema: z.ZodType<VerdictLine> = z.strictObject({
  kind: z.enum(["ends", "arrivesTooCold", "longerThan"]),
  minutesStill: z.int().min(0),
  lowMinutes: z.int().min(0).nullable(),
  highMinutes: z.int().min(0).nullable(),
  standardMinutes: z.int().min(0).nullable(),
  plannedMinutes: z.int().min(1),
  sitFromMinute: z.int().min(0),
  limit: z.enum(LIMITS).nullable(),
  part: z.enum(LIMIT_PARTS).nullable(),
  side: z.enum(["left", "right", "both"]).nullable(),
});

export const outingLinesSchema: z.ZodType<OutingLine[]> = z.array(
  z.strictObject({
    id,
    name: z.string(),
    invented: z.boolean(),
    inventedWeather: z.boolean(),
    startsAt: instant,
    timeZone: z.string(),
    personId: z.uuid(),
    personName: z.string(),
    placeName: z.string(),
    partyId: z.uuid().nullable(),
    verdict: verdictLineSchema.nullable(),
    isRecomputing: z.boolean(),
  }),
);

export const outingViewSchema: z.ZodType<OutingView> = z.strictObject({
  id,
  version: z.int().min(1),
  name: z.string(),
  invented: z.boolean(),
  startsAt: instant,
  partyId: z.uuid().nullable(),
  person: personContentSchema.extend({
    id,
    practicePreferences: practicePreferencesSchema,
    notes: notesViewSchema.optional(),
  }),
  place: z.strictObject({ id, name: z.string(), timeZone: z.string() }),
  setting: settingSchema,
  plan: preparationSchema,
  weatherShaped: z.boolean(),
  weather: z.array(savedHourSchema),
  phases: z.array(sheetPhaseSchema.extend({ id })),
  wearings: z.array(sheetWearingSchema.safeExtend({ id, pieceId: id })),
  kit: z.array(
    z.strictObject({
      id,
      name: z.string(),
      kind: z.enum(PIECE_KINDS),
      label: labelSchema,
      fingersTogether: z.boolean(),
      traits: traitsSchema,
      massG: z.int().nullable(),
      priceMinor: z.int().nullable(),
      currency: z.string().nullable(),
    }),
  ),
});

export const savedSchema = z.strictObject({ version: z.int().min(1) });

export const healthSchema = z.strictObject({ ok: z.literal(true), outings: z.int().min(0).optional() });

export const historySchema: z.ZodType<History> = z.strictObject({
  dropped: z.int().min(0),
  commands: z.array(commandSchema),
  done: z.int().min(0),
});

export const madeSchema = z.strictObject({ id });

export const restoredSchema: z.ZodType<Restored> = z.strictObject({
  outings: z.int().min(0),
  keptOutings: z.int().min(0),
  leftOut: z.array(z.string()),
  ids: z.array(id),
});
