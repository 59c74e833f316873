import { z } from "zod";
import { LINK_KINDS, type LinkKind } from "@/core/evening";

export const newLinkSchema = z.strictObject({
  id: z.uuid(),
  kind: z.enum(LINK_KINDS),
  tellsPlace: z.boolean().default(false),
});
export type NewLink = z.output<typeof newLinkSchema>;

/** A secret address in a list: not the address itself, which is told once. */
export type LinkLine = {
  readonly id: string;
  readonly kind: LinkKind;
  readonly tellsPlace: boolean;
  readonly createdAt: string;
};
