import { foreignKey, integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from "drizzle-orm/pg-core";
import type { BagLimit, Supplies, TripNight } from "../core/trip/index";
import { outing, owner } from "./schema";

type StoredTripContent = { readonly supplies?: Supplies; readonly bag?: BagLimit };

/** Outings that follow each other, with nights between. */
export const trip = pgTable(
  "trip",
  {
    id: uuid().notNull(),
    ownerId: uuid()
      .notNull()
      .references(() => owner.id),
    name: text().notNull(),
    version: integer().notNull().default(1),
    /** Packs and power banks, what the bag may be; empty: nothing is said. */
    content: jsonb().$type<StoredTripContent>().notNull().default({}),
    createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
    updatedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.ownerId, table.id] })],
);

type StoredPastDay = { readonly outingId: string; readonly night: TripNight };

/** A trip as it was before it was saved again: the newest of them are kept. */
export const tripPast = pgTable(
  "trip_past",
  {
    ownerId: uuid().notNull(),
    tripId: uuid().notNull(),
    /** The version it had. */
    version: integer().notNull(),
    name: text().notNull(),
    content: jsonb().$type<StoredTripContent>().notNull(),
    days: jsonb().$type<readonly StoredPastDay[]>().notNull(),
    /** When it was saved. */
    savedAt: timestamp({ withTimezone: true }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.tripId, table.version] }),
    foreignKey({ columns: [table.ownerId, table.tripId], foreignColumns: [trip.ownerId, trip.id] }).onDelete("cascade"),
  ],
);

/** A day of a trip: an outing, and the night after it. Their order is that of their starts. */
export const tripDay = pgTable(
  "trip_day",
  {
    ownerId: uuid().notNull(),
    tripId: uuid().notNull(),
    outingId: uuid().notNull(),
    night: jsonb().$type<TripNight>().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.tripId, table.outingId] }),
    foreignKey({ columns: [table.ownerId, table.tripId], foreignColumns: [trip.ownerId, trip.id] }).onDelete("cascade"),
    foreignKey({ columns: [table.ownerId, table.outingId], foreignColumns: [outing.ownerId, outing.id] }).onDelete(
      "cascade",
    ),
  ],
);
