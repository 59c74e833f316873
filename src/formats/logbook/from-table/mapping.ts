import { z } from "zod";
import { LONGEST_KEY } from "../../any-table/said";
import { SIT_ROLES } from "./roles";

const key = z.string().max(LONGEST_KEY);

/** What a person has said of tables of sits, kept for the next one: heads and names are folded. */
export const sitMappingSchema = z.object({
  /** What columns hold by their heads; "" for one that is left out. */
  roles: z.record(key, z.enum(["", ...SIT_ROLES])).default({}),
  /** Pieces of the kit by the names they have in the table; "" for what is no piece. */
  pieces: z.record(key, z.union([z.literal(""), z.uuid()])).default({}),
});
export type SitMapping = z.infer<typeof sitMappingSchema>;
export const NO_SIT_MAPPING: SitMapping = sitMappingSchema.parse({});
