import { foreignKey, jsonb, pgTable, primaryKey, text, timestamp, uuid } from "drizzle-orm/pg-core";
import type { Felt } from "../core/logbook/index";
import { outing, type StoredVerdict } from "./schema";

/** What was felt on an outing, and the outing as it was when that was first told. */
export const logbookNote = pgTable(
  "logbook_note",
  {
    ownerId: uuid().notNull(),
    outingId: uuid().notNull(),
    felt: jsonb().$type<Felt>().notNull(),
    /** The outing as a file that stands alone: pieces, person and weather as they were. */
    file: jsonb().$type<unknown>().notNull(),
    /** What was predicted then; `null` where nothing had been computed yet. */
    verdict: jsonb().$type<StoredVerdict>(),
    modelVersion: text(),
    createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
    updatedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.outingId] }),
    foreignKey({ columns: [table.ownerId, table.outingId], foreignColumns: [outing.ownerId, outing.id] }).onDelete(
      "cascade",
    ),
  ],
);
