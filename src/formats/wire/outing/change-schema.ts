import { z } from "zod";
import { OUTING_RANGE } from "@/core/outing";
import { sheetWearingSchema } from "../../outing-file/schema/piece-schema";
import { sheetPhaseSchema } from "../../outing-file/schema/phase-schema";
import { settingSchema } from "../../outing-file/schema/place-schema";
import type { SheetChange, SheetCollection, SheetCommand } from "../../sheet-commands/sheet-command";
import { preparationSchema, savedHourSchema } from "./outing-schema";

const id = z.uuid();
const phaseIds = z.array(id).max(OUTING_RANGE.phases[1]);
const planFields: Readonly<Record<string, z.ZodType>> = preparationSchema.shape;

/** What a thing of each collection looks like. */
const THINGS: Readonly<Record<SheetCollection, z.ZodType | ((key: string) => z.ZodType)>> = {
  weather: savedHourSchema,
  phases: sheetPhaseSchema.extend({ id }),
  wearings: sheetWearingSchema.safeExtend({ id, pieceId: id }),
  setting: settingSchema,
  weatherShaped: z.boolean(),
  order: phaseIds,
  plan: (field) => (Object.hasOwn(planFields, field) ? planFields[field]! : z.never()),
};

function isWhole({ collection, key, before, after }: SheetChange): boolean {
  const known = THINGS[collection];
  const thing = typeof known === "function" ? known(key) : known;
  return [before, after].every((value) => value === null || thing.safeParse(value).success);
}

/** Whether a command that is to be applied changes things a sheet can hold: one out of an odd file may name anything. */
export const isApplicable = ({ changes }: SheetCommand): boolean => changes.every(isWhole);
