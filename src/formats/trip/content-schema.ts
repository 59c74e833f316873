import { z } from "zod";
import { DEVICE_RANGE } from "@/core/devices";
import { BAG_RANGE, NO_BAG_LIMIT, NO_SUPPLIES, SUPPLIES_RANGE } from "@/core/trip";
import { nameSchema } from "../outing-file/schema/common-schema";
import { wholeWithin, within } from "../within";

const MOST_PACK_KINDS = 40;

export const suppliesSchema = z.strictObject({
  packs: z
    .record(z.string().max(100), wholeWithin(SUPPLIES_RANGE.packs))
    .refine((packs) => Object.keys(packs).length <= MOST_PACK_KINDS)
    .default({}),
  powerBankWh: within(SUPPLIES_RANGE.powerBankWh).default(0),
  devices: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(100),
        name: nameSchema,
        batteryWh: within(DEVICE_RANGE.batteryWh),
        drawW: within(DEVICE_RANGE.drawW),
        batteries: wholeWithin(DEVICE_RANGE.batteries),
        hoursADay: within(SUPPLIES_RANGE.hoursADay),
      }),
    )
    .max(SUPPLIES_RANGE.devices[1])
    .readonly()
    .optional(),
});

export const bagLimitSchema = z.strictObject({
  mostKg: within(BAG_RANGE.mostKg).nullable().default(null),
  mostL: within(BAG_RANGE.mostL).nullable().default(null),
  mostPieces: wholeWithin(BAG_RANGE.mostPieces).nullable().default(null),
  countsWorn: z.boolean().default(false),
});

/** What belongs to a trip as a whole: packs and power banks, and what the bag may be. */
export const tripContentSchema = z.strictObject({
  supplies: suppliesSchema.default({ ...NO_SUPPLIES, packs: {} }),
  bag: bagLimitSchema.default(NO_BAG_LIMIT),
});
export type TripContent = z.output<typeof tripContentSchema>;
export const NO_TRIP_CONTENT: TripContent = { supplies: { ...NO_SUPPLIES, packs: {} }, bag: NO_BAG_LIMIT };
