import { sql } from "drizzle-orm";
import {
  boolean,
  check,
  foreignKey,
  index,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import { outing, person } from "./schema";
import { trip } from "./trip-schema";

/**
 * An outing, a trip or a person's kit that another account may see. First it is an invitation, a secret address that whoever
 * opens it can accept; from then on it names the account and the address opens nothing.
 */
export const share = pgTable(
  "share",
  {
    id: uuid().notNull(),
    ownerId: uuid().notNull(),
    /** Told to whoever it is shared with. */
    ownerName: text().notNull(),
    outingId: uuid(),
    tripId: uuid(),
    /** Whose kit. */
    personId: uuid(),
    mayEdit: boolean().notNull().default(false),
    /** Whether it tells where that is. */
    tellsPlace: boolean().notNull().default(false),
    /** Of the secret address, until it is accepted; the address itself is kept nowhere. */
    tokenHash: text(),
    expiresAt: timestamp({ withTimezone: true }).notNull(),
    withAccount: uuid(),
    withName: text(),
    /** The outing of whoever goes along, in their own account. */
    alongOutingId: uuid(),
    createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    unique().on(table.tokenHash),
    index("share_with_account").on(table.withAccount),
    foreignKey({ columns: [table.ownerId, table.outingId], foreignColumns: [outing.ownerId, outing.id] }).onDelete(
      "cascade",
    ),
    foreignKey({ columns: [table.ownerId, table.tripId], foreignColumns: [trip.ownerId, trip.id] }).onDelete("cascade"),
    foreignKey({ columns: [table.ownerId, table.personId], foreignColumns: [person.ownerId, person.id] }).onDelete(
      "cascade",
    ),
    check("share_of_one_thing", sql`num_nonnulls(${table.outingId}, ${table.tripId}, ${table.personId}) = 1`),
    check("share_open_or_accepted", sql`(${table.tokenHash} is null) = (${table.withAccount} is not null)`),
  ],
);
