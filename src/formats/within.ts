import { z } from "zod";

/** A number within a range of the core: the one home of the limit is the core's. */
export const within = ([low, high]: readonly [number, number]): z.ZodNumber => z.number().min(low).max(high);

/** A whole number within a range of the core. */
export const wholeWithin = ([low, high]: readonly [number, number]): z.ZodNumber => z.int().min(low).max(high);

/** The keys of a table of the core, for an enumeration. */
export const keysOf = <Key extends string>(record: Readonly<Record<Key, unknown>>): [Key, ...Key[]] =>
  Object.keys(record) as [Key, ...Key[]];
