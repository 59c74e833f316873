import { z } from "zod";
import { OUTING_RANGE } from "@/core/outing";
import { GROUNDS } from "@/core/weather";
import { CONDITION_RANGE, SITTER_POSTURES } from "@/core/sitter";
import { SKIES, WIND_PLACES } from "@/core/reach";
import { habitSchema } from "../../season/kept-habit";
import { wholeWithin, within } from "../../within";
import { labelSchema } from "../../outing-file/schema/label-schema";
import { latitudeSchema, longitudeSchema } from "../places/place-schema";

/** Hours around the days of a habit: those of a year at most. */
const MOST_HOURS = 366 * 24;
const MOST_CANDIDATES = 200;
const MS_RANGE = [0, 8.64e15] as const;

const hourSchema = z.strictObject({
  atMs: wholeWithin(MS_RANGE),
  airTemperatureC: within(CONDITION_RANGE.airTemperatureC),
  windMPerS: within(CONDITION_RANGE.windMPerS),
  relativeHumidityPercent: within([0, 110]),
  cloudShare: within(OUTING_RANGE.cloudShare).nullable(),
  precipitationMm: within(OUTING_RANGE.precipitationMm).nullable(),
});

const siteSchema = z.strictObject({
  name: z.string().max(200),
  latitudeDeg: latitudeSchema,
  longitudeDeg: longitudeSchema,
  altitudeM: within([-500, 9000]),
  utcOffsetHours: within([-14, 14]),
});

const switchesSchema = z.strictObject({
  posture: z.enum(SITTER_POSTURES).nullable(),
  ground: z.enum(GROUNDS).nullable(),
  sky: z.enum(SKIES).nullable(),
  relativeHumidityPercent: within([0, 100]).nullable(),
  walksIn: z.boolean(),
});

/** What a long computation is asked of: the kit and the plan are those of the outing as it is saved. */
export const jobSchema = z.discriminatedUnion("work", [
  z.strictObject({
    work: z.literal("kit-map"),
    outingId: z.uuid(),
    personId: z.uuid().nullable(),
    windPlace: z.enum(WIND_PLACES),
    switches: switchesSchema,
    wantedMinutes: wholeWithin([1, 1440]),
  }),
  z.strictObject({
    work: z.literal("kit-season"),
    outingId: z.uuid(),
    habit: habitSchema,
    weather: z.strictObject({ site: siteSchema, hours: z.array(hourSchema).max(MOST_HOURS) }),
    /** Of generic pieces that could be bought, by their place among them, where they are not as usual. */
    labels: z
      .array(z.strictObject({ place: wholeWithin([0, MOST_CANDIDATES - 1]), label: labelSchema }))
      .max(MOST_CANDIDATES)
      .optional(),
  }),
]);
export type JobAsked = z.infer<typeof jobSchema>;

/** How a computation stands, as whoever asked for it is told. */
export type JobView = {
  readonly id: string;
  readonly state: "waiting" | "done" | "failed" | "cancelled";
  /** Some worker has looked at it. */
  readonly isBegun: boolean;
  /** 0 … 1 */
  readonly doneShare: number;
  /** Once it is done. */
  readonly result: unknown;
  readonly message: string | null;
};
