import { z } from "zod";
import { QUICK_KEYS } from "@/core/starter-kit";
import { folded } from "../any-table/words";
import { KIT_ROLES } from "./roles";
import { MASS_UNITS } from "./mass";

const MOST_KEPT = 400;
const LONGEST_KEY = 120;
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

/** A head or a name as the mapping knows it. */
export const mappedKey = (text: string): string => folded(text).slice(0, LONGEST_KEY);

/** What was said last first, no more than can be kept. */
export const remembered = <Value>(before: Readonly<Record<string, Value>>, said: Readonly<Record<string, Value>>) =>
  Object.fromEntries(Object.entries({ ...before, ...said }).slice(-MOST_KEPT));

/** What was said of such a head or name, if anything was. */
export const saidOf = <Value>(said: Readonly<Record<string, Value>>, text: string): Value | undefined =>
  Object.hasOwn(said, mappedKey(text)) ? said[mappedKey(text)] : undefined;
