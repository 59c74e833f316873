import { z } from "zod";
import { PERSON_RANGE } from "@/core/body";
import { LEVELS, LIMITS } from "@/core/limits";
import { OUTING_RANGE, PHASE_KINDS, PIECE_KINDS, WEARING_SIDES } from "@/core/outing";
import { CONDITION_RANGE, INDOOR_START_RANGE, SITTER_POSTURES, USUAL_START } from "@/core/sitter";
import { GROUNDS, SEAT_HEIGHT_RANGE_M, SHELTER } from "@/core/weather";
import { wholeWithin, within } from "../within";
import { labelSchema } from "./label-schema";

/** The newest version of the format; older ones are upgraded when read. */
export const OUTING_FORMAT_VERSION = 1;

const SHELTERS = Object.keys(SHELTER) as [keyof typeof SHELTER, ...(keyof typeof SHELTER)[]];
const MOST_NAME = 120;
const GROUND_INSULATION_RANGE = [0, 5] as const;

export const nameSchema = z.string().trim().min(1).max(MOST_NAME);
const minute = wholeWithin([0, OUTING_RANGE.totalMinutes[1]]);
const temperatureC = within(CONDITION_RANGE.airTemperatureC);

/** An IANA time zone this machine knows. */
export const timeZoneSchema = z.string().refine(isTimeZone, "is not a time zone of the IANA list");

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

export const acceptedSchema = z.strictObject(
  Object.fromEntries(LIMITS.map((limit) => [limit, z.enum(LEVELS).default("cold")])) as Record<
    (typeof LIMITS)[number],
    z.ZodDefault<z.ZodEnum<{ comfort: "comfort"; cold: "cold"; hard: "hard" }>>
  >,
);

export const bodySchema = z.strictObject({
  heightM: within(PERSON_RANGE.heightM),
  massKg: within(PERSON_RANGE.massKg),
  fatPercent: within(PERSON_RANGE.fatPercent),
  ageYears: wholeWithin(PERSON_RANGE.ageYears),
  sex: z.enum(["female", "male"]),
});

export const placeSchema = z.strictObject({
  shelter: z.enum(SHELTERS),
  seatHeightM: within(SEAT_HEIGHT_RANGE_M),
  ground: z.enum(GROUNDS),
});

export const spotSchema = z.strictObject({
  airTemperatureC: temperatureC.optional(),
  radiantTemperatureC: temperatureC.optional(),
  relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent).optional(),
  relativeWindMPerS: within(CONDITION_RANGE.windMPerS).optional(),
  groundTemperatureC: temperatureC.optional(),
  groundInsulationM2KPerW: within(GROUND_INSULATION_RANGE).optional(),
});

export const phaseSchema = z.strictObject({
  kind: z.enum(PHASE_KINDS),
  minutes: wholeWithin(OUTING_RANGE.phaseMinutes),
  posture: z.enum(SITTER_POSTURES),
  activityRatio: within(CONDITION_RANGE.activityRatio),
  walkSpeedMPerS: within(CONDITION_RANGE.walkSpeedMPerS),
  spot: spotSchema.optional(),
});

export const weatherValuesSchema = z.strictObject({
  airTemperatureC: temperatureC,
  windMPerS: within(CONDITION_RANGE.windMPerS),
  relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
  radiantTemperatureC: temperatureC.nullable().default(null),
});

export const pieceSchema = z.strictObject({
  id: nameSchema,
  name: nameSchema,
  kind: z.enum(PIECE_KINDS),
  label: labelSchema,
  fingersTogether: z.boolean().default(false),
});

export const wearingSchema = z
  .strictObject({
    pieceId: nameSchema,
    side: z.enum(WEARING_SIDES),
    rank: wholeWithin(OUTING_RANGE.rank),
    fromMinute: minute,
    toMinute: minute,
  })
  .refine(({ fromMinute, toMinute }) => fromMinute < toMinute, {
    path: ["toMinute"],
    message: "must come after fromMinute",
  });

const startSchema = z
  .strictObject({
    minutes: wholeWithin(INDOOR_START_RANGE.minutes),
    airTemperatureC: within(INDOOR_START_RANGE.airTemperatureC),
    relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
    insulationClo: within(INDOOR_START_RANGE.insulationClo),
    activityRatio: within(CONDITION_RANGE.activityRatio),
    windMPerS: within(CONDITION_RANGE.windMPerS),
  })
  .default(USUAL_START);

const instant = z.iso.datetime({ offset: true });

/** A whole outing in one file: everything its figure follows from. */
export const outingFileSchema = z
  .strictObject({
    formatVersion: z.literal(OUTING_FORMAT_VERSION),
    name: nameSchema.default("outing"),
    startsAt: instant,
    timeZone: timeZoneSchema.default("UTC"),
    person: bodySchema.extend({ accepted: acceptedSchema.prefault({}) }),
    start: startSchema,
    place: placeSchema,
    weather: z
      .array(weatherValuesSchema.extend({ at: instant }))
      .min(OUTING_RANGE.weatherHours[0])
      .max(OUTING_RANGE.weatherHours[1]),
    phases: z.array(phaseSchema).min(OUTING_RANGE.phases[0]).max(OUTING_RANGE.phases[1]),
    pieces: z.array(pieceSchema).max(OUTING_RANGE.pieces[1]),
    wearings: z.array(wearingSchema).max(OUTING_RANGE.wearings[1]),
  })
  .superRefine(checkReferences);

export type OutingFile = z.infer<typeof outingFileSchema>;

type Referring = {
  pieces: readonly { id: string }[];
  wearings: readonly { pieceId: string }[];
  phases: readonly { kind: string }[];
};

function checkReferences({ pieces, wearings, phases }: Referring, context: z.core.$RefinementCtx): void {
  const ids = new Set<string>();
  pieces.forEach(({ id }, index) => {
    if (ids.has(id))
      context.addIssue({ code: "custom", path: ["pieces", index, "id"], message: `id ${id} is taken twice` });
    ids.add(id);
  });
  wearings.forEach(({ pieceId }, index) => {
    if (ids.has(pieceId)) return;
    context.addIssue({
      code: "custom",
      path: ["wearings", index, "pieceId"],
      message: `no piece has the id ${pieceId}`,
    });
  });
  if (!phases.some(({ kind }) => kind === "sit")) {
    context.addIssue({ code: "custom", path: ["phases"], message: "needs at least one phase of kind sit" });
  }
}
