import { z } from "zod";
import { AVOIDABLE, SCHOOLS, type HeldTo } from "@/core/changes";

const way = <const Ways extends readonly [string, ...string[]]>(ways: Ways) => z.enum(ways).optional();

/** What a person holds to: materials avoided, a way for each question practitioners answer differently. */
export const heldToSchema = z.strictObject({
  avoids: z.array(z.enum(AVOIDABLE)).max(AVOIDABLE.length),
  schools: z.strictObject({
    bigLayer: way(SCHOOLS.bigLayer),
    socks: way(SCHOOLS.socks),
    hands: way(SCHOOLS.hands),
    shell: way(SCHOOLS.shell),
    hood: way(SCHOOLS.hood),
  }),
  heatDebtEnds: z.boolean().optional(),
}) satisfies z.ZodType<HeldTo>;

/** What a person held to as it was seen, and what it is to be: what was changed elsewhere meanwhile stays. */
export type HeldToChange = { readonly from: HeldTo; readonly to: HeldTo };
export const heldToChangeSchema: z.ZodType<HeldToChange> = z.strictObject({ from: heldToSchema, to: heldToSchema });
