import * as m from "@/messages";
import { z } from "zod";

/** A number within a range of the core: the one home of the limit is the core's. */
export const within = ([low, high]: readonly [number, number]): z.ZodNumber => z.number().min(low).max(high);

/** A whole number within a range of the core. */
export const wholeWithin = ([low, high]: readonly [number, number]): z.ZodNumber => z.int().min(low).max(high);

/** The keys of a table of the core, for an enumeration. */
export const keysOf = <Key extends string>(record: Readonly<Record<Key, unknown>>): [Key, ...Key[]] =>
  Object.keys(record) as [Key, ...Key[]];

/** Years in which outings are planned and looked back on (assumption): what lies outside is a slip of the finger. */
const YEARS = [1970, 2099] as const;

/** An instant as it is sent or stored in a file, with its offset. */
export const instantSchema = z.iso.datetime({ offset: true }).refine(
  (text) => {
    const year = new Date(text).getUTCFullYear();
    return year >= YEARS[0] && year <= YEARS[1];
  },
  m.mustLieInAYearFrom({ years: YEARS[0], years2: YEARS[1] }),
);
