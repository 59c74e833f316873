import * as m from "@/messages";
import { CLOSURES, PIECE_KINDS, SIDE_VIEW } from "@/core/pieces";
import { LEAK_POINTS } from "@/core/patches";
import { OUTING_RANGE, WEARING_SIDES, WHEN_OFF } from "@/core/outing";
import { heatSourceSchema, heatSpansSchema } from "./heat-schema";
import { labelSchema, partSchema } from "./label-schema";
import { wholeWithin, within } from "../../within";
import { z } from "zod";
import { nameSchema, minute } from "./common-schema";

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
    message: m.mustComeAfterFromminute,
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

export const filePieceSchema = pieceSchema.extend({
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
  odour: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  closureEase: wholeWithin(OUTING_RANGE.pieceScale).optional(),
  sideView: wholeWithin([0, SIDE_VIEW.length - 1]).optional(),
  isTethered: z.boolean().optional(),
  isAnimalFree: z.boolean().optional(),
  isScentFree: z.boolean().optional(),
  itches: z.boolean().optional(),
  floats: z.boolean().optional(),
});

/** A piece of a kit that may be worn: with what decides where and how. */
export const fileKitPieceSchema = filePieceSchema.extend({
  ...traitsSchema.shape,
  /** It is not owned, but could be got at a price in the smallest unit of money. */
  isGeneric: z.boolean().optional(),
  priceMinor: wholeWithin(OUTING_RANGE.priceMinor).optional(),
});

const MOST_PARTS = 8;

export const fileWearingSchema = wearingSchema.safeExtend({
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
