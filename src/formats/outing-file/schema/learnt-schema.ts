import { z } from "zod";
import { TRAITS } from "@/core/outing";

/** More boots and outfits than anybody tells of. */
const MOST_UNKNOWNS = 200;
/** An outfit's key names all its pieces. */
const LONGEST_KEY = 6000;
const MOST_NOTES = 10_000;
/** As a natural logarithm: a factor of seven either way. */
const MOST_MODEL_SPREAD = 2;

const unknown = z.union([
  z.strictObject({ kind: z.literal("trait"), trait: z.enum(TRAITS as [(typeof TRAITS)[number]]) }),
  z.strictObject({ kind: z.enum(["boots", "outfit"]), key: z.string().max(LONGEST_KEY) }),
]);

/** What notes taught of a person: as many figures as unknowns, and a square of them. */
export const learntSchema = z
  .strictObject({
    unknowns: z.array(unknown).max(MOST_UNKNOWNS),
    mode: z.array(z.number()).max(MOST_UNKNOWNS),
    root: z.array(z.array(z.number()).max(MOST_UNKNOWNS)).max(MOST_UNKNOWNS),
    notes: z.int().min(0).max(MOST_NOTES),
    modelSpread: z.number().positive().max(MOST_MODEL_SPREAD).optional(),
  })
  .refine(
    ({ unknowns, mode, root }) =>
      mode.length === unknowns.length &&
      root.length === unknowns.length &&
      root.every((row, place) => row.length === place + 1),

    { error: "mode needs one figure for each unknown, root a triangle of them" },
  );
