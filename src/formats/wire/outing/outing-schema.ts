import * as m from "@/messages";
import { z } from "zod";
import { OUTING_RANGE, totalMinutes } from "@/core/outing";
import { MOST_COMMANDS, MOST_UNACKNOWLEDGED, SHEET_COLLECTIONS } from "../../sheet-commands/sheet-command";
import { PREPARATION_RANGE } from "@/core/evening";
import { instantSchema, wholeWithin, within } from "../../within";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { weatherValuesSchema } from "../../outing-file/schema/weather-schema";
import { sheetWearingSchema } from "../../outing-file/schema/piece-schema";
import { sheetPhaseSchema } from "../../outing-file/schema/phase-schema";
import { settingSchema } from "../../outing-file/schema/place-schema";

const MOST_KEY = 64;
const MOST_LABEL = 120;
const MOST_CHANGES = 1200;
const MOST_UNIT = 8;
const MOST_TYPED = 10_000;

const instant = instantSchema;
const MOST_REACHED_BY = 200;
const trackPointSchema = z.tuple([
  within(OUTING_RANGE.latitudeDeg),
  within(OUTING_RANGE.longitudeDeg),
  within(PREPARATION_RANGE.elevationM).nullable(),
]);
/** What a plan holds besides what its figure follows from. */
export const preparationSchema = z.strictObject({
  forecast: z.strictObject({ service: nameSchema, issuedAt: instant, invented: z.boolean() }).optional(),
  track: z
    .array(trackPointSchema)
    .min(PREPARATION_RANGE.trackPoints[0])
    .max(PREPARATION_RANGE.trackPoints[1])
    .optional(),
  ticks: z.array(z.string().min(1).max(MOST_KEY)).max(PREPARATION_RANGE.ticks[1]).optional(),
  extras: z
    .array(z.strictObject({ id: z.uuid(), words: nameSchema }))
    .max(PREPARATION_RANGE.extras[1])
    .optional(),
  leftWith: z
    .strictObject({
      name: nameSchema,
      reachedBy: z.string().trim().max(MOST_REACHED_BY),
      alarmAfterMinutes: wholeWithin(PREPARATION_RANGE.alarmAfterMinutes),
    })
    .optional(),
  tellsPlace: z.boolean().optional(),
});

/** A number as it was typed. */
export const typedSchema = z
  .strictObject({ value: z.number().min(-MOST_TYPED).max(MOST_TYPED), unit: z.string().min(1).max(MOST_UNIT) })
  .nullable()
  .default(null);

const id = z.uuid();

/** An hour of weather with what was typed. */
export const savedHourSchema = weatherValuesSchema.extend({
  at: instant,
  cloudShare: within(OUTING_RANGE.cloudShare).nullable().default(null),
  precipitationMm: within(OUTING_RANGE.precipitationMm).nullable().default(null),
  airTemperatureTyped: typedSchema,
  windTyped: typedSchema,
});

export const contentShape = {
  setting: settingSchema,
  weatherShaped: z.boolean().default(false),
  /** Not said: as it is. */
  plan: preparationSchema.optional(),
  weather: z
    .array(savedHourSchema)
    .min(OUTING_RANGE.weatherHours[0])
    .max(OUTING_RANGE.weatherHours[1])
    .refine((hours) => new Set(hours.map(({ at }) => Date.parse(at))).size === hours.length, m.namesAnHourTwice),
  phases: z
    .array(sheetPhaseSchema.extend({ id }))
    .min(OUTING_RANGE.phases[0])
    .max(OUTING_RANGE.phases[1])
    .refine((phases) => phases.some(({ kind }) => kind === "sit"), m.needsAtLeastOnePhaseIn)
    .refine(
      (phases) => totalMinutes(phases) <= OUTING_RANGE.totalMinutes[1],
      m.mayLastMinutesInAll({ totalMinutes: OUTING_RANGE.totalMinutes[1] }),
    ),
  wearings: z.array(sheetWearingSchema.safeExtend({ id, pieceId: id })).max(OUTING_RANGE.wearings[1]),
};

/** A change of one thing on a sheet, as it is kept for undo; what it names is parsed when it is applied. */
const changeSchema = z.strictObject({
  collection: z.enum(SHEET_COLLECTIONS),
  key: z.string().min(1).max(MOST_KEY),
  before: z.json(),
  after: z.json(),
});
export const commandSchema = z.strictObject({
  id,
  label: z.string().min(1).max(MOST_LABEL),
  changes: z.array(changeSchema).min(1).max(MOST_CHANGES),
});

/** What a browser sends to save a day sheet, with what was done to it since the last time. */
export const saveOutingSchema = z.strictObject({
  version: z.int().min(1),
  /** Names this save, so that the next one can say that it follows it. */
  saveId: id.optional(),
  /** Saves since that version whose answers never came: they may have arrived all the same. */
  unacknowledgedSaves: z.array(id).max(MOST_UNACKNOWLEDGED).default([]),
  ...contentShape,
  /** Of the list of commands: how many of the server's are kept, what follows them, how many of all are done. */
  history: z
    .strictObject({
      keep: z.int().min(0),
      add: z.array(commandSchema).max(MOST_COMMANDS),
      done: z.int().min(0),
    })
    .optional(),
});

export type SaveOuting = z.infer<typeof saveOutingSchema>;
