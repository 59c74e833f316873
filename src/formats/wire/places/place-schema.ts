import * as m from "@/messages";
import { z } from "zod";
import { OUTING_RANGE } from "@/core/outing";
import { within } from "../../within";
import { nameSchema, timeZoneSchema } from "../../outing-file/schema/common-schema";
import { settingSchema } from "../../outing-file/schema/place-schema";
import type { PlaceView } from "./place-view";

const id = z.uuid();

/** Degrees as they stand in an address. */
export const latitudeSchema = z.coerce.number().pipe(within(OUTING_RANGE.latitudeDeg));
export const longitudeSchema = z.coerce.number().pipe(within(OUTING_RANGE.longitudeDeg));

/** Half a place on earth is none. */
const wholeOnEarth = ({ latitudeDeg, longitudeDeg }: z.infer<typeof settingSchema>): boolean =>
  (latitudeDeg === undefined) === (longitudeDeg === undefined);

const placeShape = {
  name: nameSchema,
  timeZone: timeZoneSchema,
  setting: settingSchema.refine(wholeOnEarth, {
    path: ["longitudeDeg"],
    message: m.comesWithALatitudeAndA,
  }),
};

export const newPlaceSchema = z.strictObject({ id, ...placeShape });
export type NewPlace = z.infer<typeof newPlaceSchema>;

/** A place as it is to be kept, on the version it was read at. */
export const savedPlaceSchema = z.strictObject({ ...placeShape, version: z.int().min(1), retired: z.boolean() });
export type SavedPlace = z.infer<typeof savedPlaceSchema>;

export const placesSchema: z.ZodType<readonly PlaceView[]> = z.array(
  z.strictObject({ id, ...placeShape, version: z.int(), retired: z.boolean(), outings: z.int() }),
);
