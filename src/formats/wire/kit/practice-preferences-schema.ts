import { z } from "zod";
import { AVOIDABLE, PRACTICES, type PracticePreferences } from "@/core/changes";

const way = <const Ways extends readonly [string, ...string[]]>(ways: Ways) => z.enum(ways).optional();

/** What a person holds to: materials avoided, a way for each question practitioners answer differently. */
export const practicePreferencesSchema = z.strictObject({
  avoids: z.array(z.enum(AVOIDABLE)).max(AVOIDABLE.length),
  practices: z.strictObject({
    bigLayer: way(PRACTICES.bigLayer),
    socks: way(PRACTICES.socks),
    hands: way(PRACTICES.hands),
    shell: way(PRACTICES.shell),
    hood: way(PRACTICES.hood),
  }),
  heatDebtEnds: z.boolean().optional(),
}) satisfies z.ZodType<PracticePreferences>;

/** What a person held to as it was seen, and what it is to be: what was changed elsewhere meanwhile stays. */
export type PracticePreferencesChange = { readonly from: PracticePreferences; readonly to: PracticePreferences };
export const practicePreferencesChangeSchema: z.ZodType<PracticePreferencesChange> = z.strictObject({
  from: practicePreferencesSchema,
  to: practicePreferencesSchema,
});
