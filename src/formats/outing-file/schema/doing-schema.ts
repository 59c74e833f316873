import * as m from "@/messages";
import { z } from "zod";
import { EFFORT_CLASS, RIDE_RANGE, TERRAIN_FACTOR, WALK_RANGE } from "@/core/effort";
import { BARINGS, OUTING_RANGE, TASK_HANDS } from "@/core/outing";
import { CONDITION_RANGE, SITTER_POSTURES } from "@/core/sitter";
import { WETTINGS } from "@/core/water";
import { keysOf, wholeWithin, within } from "../../within";

const effortSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("class"), class: z.enum(keysOf(EFFORT_CLASS)) }),
  z.strictObject({
    kind: z.literal("walk"),
    speedMPerS: within(WALK_RANGE.speedMPerS),
    slopePercent: within(WALK_RANGE.slopePercent).default(0),
    loadKg: within(WALK_RANGE.loadKg).default(0),
    terrain: z.enum(keysOf(TERRAIN_FACTOR)).default("dirt"),
    snowSinkingCm: within(WALK_RANGE.snowSinkingCm).default(0),
    snowshoes: z.boolean().default(false),
  }),
  z.strictObject({
    kind: z.literal("ride"),
    speedMPerS: within(RIDE_RANGE.speedMPerS),
    activityRatio: within(CONDITION_RANGE.activityRatio),
  }),
]);

/** What a file may say of a doing beyond posture and effort in numbers. */
export const doingExtras = {
  effort: effortSchema.optional(),
  leaning: z.boolean().optional(),
  hands: z.enum(TASK_HANDS).optional(),
  dexterityNeeded: wholeWithin(OUTING_RANGE.dexterity).optional(),
  wetBy: z.array(z.enum(WETTINGS)).max(WETTINGS.length).optional(),
};

export const doingSchema = z.strictObject({
  posture: z.enum(SITTER_POSTURES),
  activityRatio: within(CONDITION_RANGE.activityRatio),
  walkSpeedMPerS: within(CONDITION_RANGE.walkSpeedMPerS),
});

/** Tasks and breaks within a phase, once or again and again. */
export const recurringSchema = doingSchema
  .extend({
    ...doingExtras,
    kind: z.enum(["task", "break"]),
    minutes: wholeWithin(OUTING_RANGE.recurringMinutes),
    firstAfterMinutes: wholeWithin(OUTING_RANGE.firstAfterMinutes).default(0),
    everyMinutes: wholeWithin(OUTING_RANGE.everyMinutes).nullable().default(null),
    bares: z.enum(keysOf(BARINGS)).optional(),
  })
  .refine(({ minutes, everyMinutes }) => everyMinutes === null || minutes < everyMinutes, {
    path: ["everyMinutes"],
    message: m.mustBeLongerThanTheTask,
  });
