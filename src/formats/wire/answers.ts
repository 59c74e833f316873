import { z } from "zod";
import { LIMIT_PARTS, LIMITS } from "@/core/limits";
import { PIECE_KINDS } from "@/core/outing";
import { labelSchema } from "../outing-file/label-schema";
import { acceptedSchema, bodySchema, phaseSchema, placeSchema, wearingSchema } from "../outing-file/schema";
import type { OutingLine, OutingView, VerdictLine } from "./outing-view";
import { savedHourSchema } from "./outing-schema";

// What endpoints answer. Each answer is parsed before it leaves: a row that no longer fits is found here, not in a browser.

const id = z.uuid();
const instant = z.iso.datetime();

const verdictLineSchema: z.ZodType<VerdictLine> = z.strictObject({
  kind: z.enum(["ends", "arrivesTooCold", "longerThan"]),
  minutesStill: z.int().min(0),
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
    startsAt: instant,
    timeZone: z.string(),
    personName: z.string(),
    placeName: z.string(),
    verdict: verdictLineSchema.nullable(),
  }),
);

export const outingViewSchema: z.ZodType<OutingView> = z.strictObject({
  id,
  version: z.int().min(1),
  name: z.string(),
  invented: z.boolean(),
  startsAt: instant,
  person: bodySchema.extend({ id, name: z.string(), accepted: acceptedSchema }),
  place: placeSchema.extend({ id, name: z.string(), timeZone: z.string() }),
  weather: z.array(savedHourSchema),
  phases: z.array(phaseSchema.omit({ spot: true }).extend({ id })),
  wearings: z.array(wearingSchema.safeExtend({ id, pieceId: id })),
  kit: z.array(
    z.strictObject({
      id,
      name: z.string(),
      kind: z.enum(PIECE_KINDS),
      label: labelSchema,
      fingersTogether: z.boolean(),
      massG: z.int().nullable(),
    }),
  ),
});

export const savedSchema = z.strictObject({ version: z.int().min(1) });

export const healthSchema = z.strictObject({ ok: z.literal(true), outings: z.int().min(0) });
