import { z } from "zod";
import { PERSON_RANGE } from "@/core/body";
import { LOW_HIGH_RANGE } from "@/core/day";
import { LEVELS, LIMITS } from "@/core/limits";
import { TERRAIN_FACTOR, WALK_RANGE } from "@/core/effort";
import { CLOSURES, PIECE_KINDS } from "@/core/pieces";
import {
  COVERAGES,
  OUTING_RANGE,
  PHASE_KINDS,
  REFUGES,
  STORED_FROM,
  WEARING_SIDES,
  WHEN_OFF,
  totalMinutes,
} from "@/core/outing";
import { CONDITION_RANGE, INDOOR_START_RANGE, USUAL_START } from "@/core/sitter";
import { LEAK_POINTS, SIDES } from "@/core/patches";
import { GROUND_RANGE, GROUNDS, SEATS, SEAT_HEIGHT_RANGE_M, SHELTER } from "@/core/weather";
import { instantSchema, keysOf, wholeWithin, within } from "../within";
import { doingExtras, doingSchema, recurringSchema } from "./doing-schema";
import { heatSourceSchema, heatSpansSchema } from "./heat-schema";
import { labelSchema, partSchema } from "./label-schema";
import { shapedHours } from "./shaped-weather";

/** The newest version of the format; older ones are upgraded when read. */
export const OUTING_FORMAT_VERSION = 2;

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
  shelter: z.enum(keysOf(SHELTER)),
  seatHeightM: within(SEAT_HEIGHT_RANGE_M),
  ground: z.enum(GROUNDS),
  seat: z.enum(SEATS).optional(),
});

export const spotSchema = z.strictObject({
  airTemperatureC: temperatureC.optional(),
  radiantTemperatureC: temperatureC.optional(),
  relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent).optional(),
  relativeWindMPerS: within(CONDITION_RANGE.windMPerS).optional(),
  groundTemperatureC: temperatureC.optional(),
  groundInsulationM2KPerW: within(GROUND_INSULATION_RANGE).optional(),
});

export const phaseSchema = doingSchema.extend({
  kind: z.enum(PHASE_KINDS),
  minutes: wholeWithin(OUTING_RANGE.phaseMinutes),
  spot: spotSchema.optional(),
});
const filePhaseSchema = phaseSchema.extend({
  ...doingExtras,
  recurring: z.array(recurringSchema).max(OUTING_RANGE.recurring[1]).optional(),
});
/** A phase as a sheet keeps it: everything a file may say but surroundings measured on the spot. */
export const sheetPhaseSchema = filePhaseSchema.omit({ spot: true });

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

const leakPoints = z.array(z.enum(LEAK_POINTS)).max(LEAK_POINTS.length).optional();
const computedTraits = {
  dexterity: wholeWithin(OUTING_RANGE.dexterity).optional(),
  endsAt: leakPoints,
  seals: leakPoints,
  printedTemperatureC: within(OUTING_RANGE.printedTemperatureC).optional(),
  waterResistance: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  shaftHeightCm: within(OUTING_RANGE.shaftHeightCm).optional(),
  heat: heatSourceSchema.optional(),
  changeMinutes: wholeWithin(OUTING_RANGE.changeMinutes).optional(),
};
const filePieceSchema = pieceSchema.extend({
  ...computedTraits,
  massG: within(OUTING_RANGE.pieceMassG).optional(),
});
/** What a kit knows of a piece beyond its label. */
export const traitsSchema = z.strictObject({
  ...computedTraits,
  volumeL: within(OUTING_RANGE.volumeL).optional(),
  opensOverBoots: z.boolean().optional(),
  isHarness: z.boolean().optional(),
  hasStrapSlot: z.boolean().optional(),
  noise: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  stiffness: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  traction: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  walkability: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  closure: z.enum(CLOSURES).optional(),
  isAnimalFree: z.boolean().optional(),
  isScentFree: z.boolean().optional(),
  itches: z.boolean().optional(),
  floats: z.boolean().optional(),
});
const MOST_PARTS = 8;
const fileWearingSchema = wearingSchema.safeExtend({
  opened: leakPoints,
  withoutParts: z.array(partSchema).max(MOST_PARTS).optional(),
  whenOff: z.enum(WHEN_OFF).optional(),
  heat: heatSpansSchema.optional(),
});
/** A wearing as a sheet keeps it. */
export const sheetWearingSchema = wearingSchema.safeExtend({
  opened: z.array(z.enum(LEAK_POINTS)).max(LEAK_POINTS.length).default([]),
  withoutParts: z.array(partSchema).max(MOST_PARTS).default([]),
  whenOff: z.enum(WHEN_OFF).default("pack"),
  heat: heatSpansSchema.nullable().default(null),
});
const filePlaceSchema = placeSchema.extend({
  latitudeDeg: within(OUTING_RANGE.latitudeDeg).optional(),
  longitudeDeg: within(OUTING_RANGE.longitudeDeg).optional(),
  snowCover: z.boolean().optional(),
  iceThicknessM: within(GROUND_RANGE.iceThicknessM).optional(),
  snowOnIceCm: within(GROUND_RANGE.snowOnIceCm).optional(),
});
/** A place as a sheet keeps it. */
export const settingSchema = filePlaceSchema.extend({
  walkIn: z
    .strictObject({
      distanceM: within(OUTING_RANGE.walkDistanceM),
      climbM: within(OUTING_RANGE.walkClimbM),
      loadKg: within(WALK_RANGE.loadKg),
      terrain: z.enum(keysOf(TERRAIN_FACTOR)),
      snowSinkingCm: within(WALK_RANGE.snowSinkingCm),
      snowshoes: z.boolean(),
    })
    .optional(),
  refuge: z.strictObject({ kind: z.enum(REFUGES), minutesAway: wholeWithin(OUTING_RANGE.refugeMinutes) }).optional(),
  storedFrom: z.enum(STORED_FROM).optional(),
  coverage: z.enum(COVERAGES).optional(),
});
const factor = within(OUTING_RANGE.calibrationFactor);
const filePersonSchema = bodySchema.extend({
  accepted: z.partialRecord(z.enum(LIMITS), z.enum(LEVELS)).optional(),
  workingHand: z.enum(SIDES).optional(),
  coldHands: z.boolean().optional(),
  heatDebtEnds: z.boolean().optional(),
  calibration: z.strictObject({ basalHeatFactor: factor, digitFlowFactor: factor }).optional(),
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

const instant = instantSchema;

const fileHourSchema = weatherValuesSchema.extend({
  at: instant,
  cloudShare: within(OUTING_RANGE.cloudShare).nullable().optional(),
  precipitationMm: within(OUTING_RANGE.precipitationMm).nullable().optional(),
});
const lowHighSchema = z
  .strictObject({
    lowC: within(LOW_HIGH_RANGE.lowC),
    highC: within(LOW_HIGH_RANGE.highC),
    windMPerS: within(CONDITION_RANGE.windMPerS),
    relativeHumidityPercent: within(CONDITION_RANGE.relativeHumidityPercent),
    cloudShare: within(OUTING_RANGE.cloudShare).nullable().optional(),
  })
  .refine(({ lowC, highC }) => lowC <= highC, { path: ["lowC"], message: "must not lie above highC" });

/** A whole outing in one file: everything its figure follows from. */
export const outingFileSchema = z
  .strictObject({
    formatVersion: z.literal(OUTING_FORMAT_VERSION),
    name: nameSchema.default("outing"),
    startsAt: instant,
    timeZone: timeZoneSchema.default("UTC"),
    person: filePersonSchema,
    start: startSchema,
    /** Boots and gloves as one steps out; the room's when not given. */
    storedStartC: temperatureC.optional(),
    place: filePlaceSchema,
    weather: z.array(fileHourSchema).min(OUTING_RANGE.weatherHours[0]).max(OUTING_RANGE.weatherHours[1]).optional(),
    /** In the place of hours: a day of which low and high are known. */
    lowHigh: lowHighSchema.optional(),
    /** The hours were shaped from low and high. */
    weatherShaped: z.boolean().default(false),
    phases: z.array(filePhaseSchema).min(OUTING_RANGE.phases[0]).max(OUTING_RANGE.phases[1]),
    pieces: z.array(filePieceSchema).max(OUTING_RANGE.pieces[1]),
    wearings: z.array(fileWearingSchema).max(OUTING_RANGE.wearings[1]),
  })
  .superRefine(checkReferences)
  .superRefine(checkWeather)
  .transform(withHours);

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

type Weathered = {
  weather?: z.infer<typeof fileHourSchema>[] | undefined;
  lowHigh?: z.infer<typeof lowHighSchema> | undefined;
};

function checkWeather({ weather, lowHigh }: Weathered, context: z.core.$RefinementCtx): void {
  if ((weather === undefined) === (lowHigh === undefined)) {
    context.addIssue({
      code: "custom",
      path: ["weather"],
      message: "give either hours of weather or lowHigh, one of the two",
    });
  }
}

/** Fills in the hours of a day known by low and high. */
function withHours<
  File extends Weathered & {
    startsAt: string;
    timeZone: string;
    weatherShaped: boolean;
    place: object;
    phases: { minutes: number }[];
  },
>({ weather, lowHigh, ...file }: File) {
  if (!lowHigh) return { ...file, weather: weather ?? [] };
  const total = totalMinutes(file.phases);
  const { startsAt, timeZone, place } = file;
  return { ...file, weather: shapedHours(lowHigh, { startsAt, timeZone, ...place }, total), weatherShaped: true };
}
