import { CONDITION_RANGE } from "@/core/sitter";
import { COVERAGES, OUTING_RANGE, REFUGES, STORED_FROM } from "@/core/outing";
import { GROUNDS, GROUND_RANGE, SEATS, SEAT_HEIGHT_RANGE_M, SHELTER } from "@/core/weather";
import { TERRAIN_FACTOR, WALK_RANGE } from "@/core/effort";
import { keysOf, wholeWithin, within } from "../../within";
import { z } from "zod";
import { temperatureC } from "./common-schema";

const GROUND_INSULATION_RANGE = [0, 5] as const;

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

export const filePlaceSchema = placeSchema.extend({
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
