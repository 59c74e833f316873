import { sql } from "drizzle-orm";
import { check, customType, type AnyPgColumn } from "drizzle-orm/pg-core";
import { OUTING_RANGE } from "../core/outing/index";

/** A picture as it was sent. */
export const bytes = customType<{ data: Buffer }>({ dataType: () => "bytea" });

const [LEAST_BYTES, MOST_BYTES] = OUTING_RANGE.photoBytes;

/** No picture is smaller or larger. */
export const photoSize = (name: string, jpeg: AnyPgColumn) =>
  check(name, sql`octet_length(${jpeg}) between ${sql.raw(String(LEAST_BYTES))} and ${sql.raw(String(MOST_BYTES))}`);
