import { OUTING_RANGE, PHASE_KINDS } from "@/core/outing";
import { doingExtras, doingSchema, recurringSchema } from "./doing-schema";
import { wholeWithin } from "../../within";
import { z } from "zod";
import { spotSchema } from "./place-schema";

export const phaseSchema = doingSchema.extend({
  kind: z.enum(PHASE_KINDS),
  minutes: wholeWithin(OUTING_RANGE.phaseMinutes),
  spot: spotSchema.optional(),
});

export const filePhaseSchema = phaseSchema.extend({
  ...doingExtras,
  recurring: z.array(recurringSchema).max(OUTING_RANGE.recurring[1]).optional(),
});

/** A phase as a sheet keeps it: everything a file may say but surroundings measured on the spot. */
export const sheetPhaseSchema = filePhaseSchema.omit({ spot: true });
