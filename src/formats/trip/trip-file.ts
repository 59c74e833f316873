import { z } from "zod";
import { NIGHT_KINDS, NIGHT_RANGE, USUAL_NIGHT, type Trip, type TripNight } from "@/core/trip";
import { anyOutingFileSchema, parseJson, problemsOf } from "../outing-file/parse";
import type { FileProblem } from "../outing-file/problem";
import { toOuting } from "../outing-file/to-outing";
import { within } from "../within";
import { suppliesSchema } from "./content-schema";
import { driedHowSchema, washedSchema } from "./night-schema";

/** More days than anybody is away for in one go. */
const MOST_DAYS = 60;

/** A night: where, and what of it is other than usual there. */
const nightOfFileSchema = z
  .strictObject({
    kind: z.enum(NIGHT_KINDS),
    airC: within(NIGHT_RANGE.airC).optional(),
    relativeHumidityPercent: within(NIGHT_RANGE.relativeHumidityPercent).optional(),
    fireHours: within(NIGHT_RANGE.fireHours).optional(),
    hasDrier: z.boolean().optional(),
    hasMains: z.boolean().optional(),
    hasWashing: z.boolean().optional(),
    how: driedHowSchema.default({}),
    washed: washedSchema.optional(),
  })
  .transform(({ kind, airC, relativeHumidityPercent, how, washed, ...own }): TripNight => {
    const usual = USUAL_NIGHT[kind];
    return {
      kind,
      air: {
        airC: airC ?? usual.air.airC,
        relativeHumidityPercent: relativeHumidityPercent ?? usual.air.relativeHumidityPercent,
      },
      fireHours: own.fireHours ?? usual.fireHours,
      hasDrier: own.hasDrier ?? usual.hasDrier,
      hasMains: own.hasMains ?? usual.hasMains,
      hasWashing: own.hasWashing ?? usual.hasWashing,
      how,
      ...(washed && { washed }),
    };
  });

const tripFileSchema = z
  .strictObject({
    days: z.array(anyOutingFileSchema).min(1).max(MOST_DAYS),
    nights: z.array(nightOfFileSchema).max(MOST_DAYS),
    supplies: suppliesSchema.optional(),
  })
  .refine(({ days, nights }) => nights.length >= days.length - 1, {
    path: ["nights"],
    error: "needs a night between any two days",
  });

export type ParsedTripFile =
  | { readonly ok: true; readonly trip: Trip; readonly names: readonly string[] }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/** Reads a trip of one person: outing files in their order, and the nights between them. */
export function parseTripFile(text: string): ParsedTripFile {
  const json = parseJson(text);
  if (!json.ok) return json;
  const parsed = tripFileSchema.safeParse(json.value);
  if (!parsed.success) return { ok: false, problems: problemsOf(parsed.error) };
  const { days, nights, supplies } = parsed.data;
  return { ok: true, names: days.map(({ name }) => name), trip: { days: days.map(toOuting), nights, supplies } };
}
