import * as m from "@/messages";
import { OUTING_RANGE, totalMinutes } from "@/core/outing";
import { shapedHours } from "../shaped-weather";
import { z } from "zod";
import { filePersonSchema, startSchema } from "./person-schema";
import { filePlaceSchema } from "./place-schema";
import { filePhaseSchema } from "./phase-schema";
import { fileKitPieceSchema, filePieceSchema, fileWearingSchema } from "./piece-schema";
import { fileHourSchema, lowHighSchema } from "./weather-schema";
import { nameSchema, temperatureC, timeZoneSchema, instant } from "./common-schema";

/** The newest version of the format; older ones are upgraded when read. */
export const OUTING_FORMAT_VERSION = 2;

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
    /** Pieces that may be worn, for who asks what to wear; what is worn stands in `pieces` and `wearings`. */
    kit: z.array(fileKitPieceSchema).max(OUTING_RANGE.pieces[1]).optional(),
  })
  .superRefine(checkReferences)
  .superRefine(checkWeather)
  .transform(withHours);

export type OutingFile = z.infer<typeof outingFileSchema>;

type Referring = {
  pieces: readonly { id: string }[];
  kit?: readonly { id: string }[] | undefined;
  wearings: readonly { pieceId: string }[];
  phases: readonly { kind: string }[];
};

function checkReferences({ pieces, kit = [], wearings, phases }: Referring, context: z.core.$RefinementCtx): void {
  const idsOf = (list: "pieces" | "kit", of: readonly { id: string }[]): Set<string> => {
    const ids = new Set<string>();
    of.forEach(({ id }, index) => {
      if (ids.has(id))
        context.addIssue({ code: "custom", path: [list, index, "id"], message: m.idIsTakenTwice({ id }) });
      ids.add(id);
    });
    return ids;
  };
  const ids = idsOf("pieces", pieces);
  idsOf("kit", kit);
  wearings.forEach(({ pieceId }, index) => {
    if (ids.has(pieceId)) return;
    context.addIssue({
      code: "custom",
      path: ["wearings", index, "pieceId"],
      message: m.noPieceHasTheId({ pieceId }),
    });
  });
  if (!phases.some(({ kind }) => kind === "sit")) {
    context.addIssue({ code: "custom", path: ["phases"], message: m.needsAtLeastOnePhaseOf });
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
      message: m.giveEitherHoursOfWeatherOr,
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
