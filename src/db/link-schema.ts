import { boolean, foreignKey, pgTable, primaryKey, text, timestamp, unique, uuid } from "drizzle-orm/pg-core";
import { LINK_KINDS } from "../core/evening/index";
import { outing } from "./schema";

/** A secret address under which somebody without an account sees something of one outing; gone once it is called back. */
export const outingLink = pgTable(
  "outing_link",
  {
    id: uuid().notNull(),
    ownerId: uuid().notNull(),
    outingId: uuid().notNull(),
    kind: text({ enum: LINK_KINDS }).notNull(),
    /** Whether it tells where that is. */
    tellsPlace: boolean().notNull().default(false),
    /** The address itself is kept nowhere. */
    tokenHash: text().notNull(),
    createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    unique().on(table.tokenHash),
    foreignKey({ columns: [table.ownerId, table.outingId], foreignColumns: [outing.ownerId, outing.id] }).onDelete(
      "cascade",
    ),
  ],
);
