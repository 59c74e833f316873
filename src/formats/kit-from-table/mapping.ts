import { z } from "zod";
import { QUICK_KEYS } from "@/core/starter-kit";
import { LONGEST_KEY } from "../any-table/said";
import { KIT_ROLES } from "./roles";
import { MASS_UNITS } from "./mass";

const key = z.string().max(LONGEST_KEY);

/** What a person has said of lists of theirs, kept for the next one: heads and names are folded. */
export const kitMappingSchema = z.object({
  /** What columns hold by their heads; "" for one that is left out. */
  roles: z.record(key, z.enum(["", ...KIT_ROLES])).default({}),
  /** What rows are by their names. */
  kinds: z.record(key, z.enum(["none", ...QUICK_KEYS])).default({}),
  massUnit: z.enum(MASS_UNITS).nullable().default(null),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .nullable()
    .default(null),
  mark: z.enum(["point", "comma"]).nullable().default(null),
});
export type KitMapping = z.infer<typeof kitMappingSchema>;
export const NO_MAPPING: KitMapping = kitMappingSchema.parse({});
