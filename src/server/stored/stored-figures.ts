import { z } from "zod";
import type { StoredCard } from "@/db";
import { verdictLineSchema } from "@/formats/wire/answers";
import type { VerdictLine } from "@/formats/wire/outing/outing-view";

// Figures that cannot be read are no loss: they are computed again. So these readers answer `null` instead of an error.

/** Verdicts of models before the eleventh have no range. */
const OLDER = { lowMinutes: null, highMinutes: null, standardMinutes: null };

const minutes = z.int().min(0);
const bound = z.strictObject({ kind: z.enum(["minutes", "longerThan"]), minutes });
const cardSchema: z.ZodType<StoredCard> = z.strictObject({
  range: z.strictObject({ low: bound, high: bound }),
  advice: z.discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("go") }),
    z.strictObject({ kind: z.literal("short"), missingMinutes: minutes }),
    z.strictObject({
      kind: z.literal("stay"),
      reasons: z.array(
        z.enum(["arrivesNumb", "arrivesTooHot", "frostbiteHazard", "hardLimitSoon", "motionlessInDeepCold"]),
      ),
    }),
  ]),
  sit: z.strictObject({
    fromMinute: minutes,
    toMinute: minutes,
    endMinutes: minutes.nullable(),
    lowMinutes: minutes.nullable(),
  }),
});

/** @returns the verdict, or `null` where there is none that can be read */
export const readVerdict = (value: unknown): VerdictLine | null =>
  typeof value === "object" && value !== null
    ? (verdictLineSchema.safeParse({ ...OLDER, ...value }).data ?? null)
    : null;

/** @returns what a card tells, or `null` where there is none that can be read */
export const readCard = (value: unknown): StoredCard | null => cardSchema.safeParse(value).data ?? null;
