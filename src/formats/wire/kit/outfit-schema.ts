import * as m from "@/messages";
import { z } from "zod";
import { OUTING_RANGE, WEARING_SIDES, WHEN_OFF } from "@/core/outing";
import { LEAK_POINTS } from "@/core/patches";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { wholeWithin } from "../../within";
import type { OutfitsView } from "./outfit";

const MOST_PARTS = 8;
const id = z.uuid();
export const outfitWearingsSchema = z
  .array(
    z.strictObject({
      pieceId: id,
      side: z.enum(WEARING_SIDES),
      rank: wholeWithin(OUTING_RANGE.rank),
      isForTheSit: z.boolean(),
      opened: z.array(z.enum(LEAK_POINTS)).max(LEAK_POINTS.length),
      withoutParts: z.array(z.string().max(120)).max(MOST_PARTS),
      whenOff: z.enum(WHEN_OFF),
    }),
  )
  .min(1, m.anOutfitHoldsAtLeastOne)
  .max(OUTING_RANGE.wearings[1]);

/** An outfit to keep under its name. */
export const newOutfitSchema = z.strictObject({ id, name: nameSchema, wearings: outfitWearingsSchema });
export type NewOutfit = z.infer<typeof newOutfitSchema>;

export const outfitsSchema: z.ZodType<OutfitsView> = z.strictObject({
  outfits: z.array(z.strictObject({ id, name: z.string(), wearings: outfitWearingsSchema })),
  last: z
    .strictObject({
      name: z.string(),
      startsAt: z.iso.datetime(),
      wearings: outfitWearingsSchema.or(z.array(z.never())),
    })
    .nullable(),
});

/** Before what day the last outing is looked for. */
export const beforeSchema = z.iso.datetime();
