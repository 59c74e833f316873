import {
  bigserial,
  doublePrecision,
  foreignKey,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from "drizzle-orm/pg-core";
import { SENSORS } from "../core/loggers/index";
import type { FeltPart, Vote } from "../core/logbook/index";
import { outing } from "./schema";

/** What somebody said they felt, as it is kept. */
export type StoredVote = { readonly part: FeltPart; readonly vote: Vote; readonly at: string };

/** A sit that goes on, or did: when it began, what was said, and what loggers have to know to tell of it. */
export const liveSit = pgTable(
  "live_sit",
  {
    ownerId: uuid().notNull(),
    outingId: uuid().notNull(),
    /** SHA-256 of what loggers prove themselves by. */
    tokenHash: text().notNull(),
    beganAt: timestamp({ withTimezone: true }).notNull(),
    endedAt: timestamp({ withTimezone: true }),
    votes: jsonb().$type<readonly StoredVote[]>().notNull().default([]),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.outingId] }),
    foreignKey({ columns: [table.ownerId, table.outingId], foreignColumns: [outing.ownerId, outing.id] }).onDelete(
      "cascade",
    ),
  ],
);

/** One temperature of one logger; told twice it stands once. */
export const liveReading = pgTable(
  "live_reading",
  {
    ownerId: uuid().notNull(),
    outingId: uuid().notNull(),
    sensor: text({ enum: SENSORS }).notNull(),
    at: timestamp({ withTimezone: true }).notNull(),
    valueC: doublePrecision().notNull(),
    /** In the order in which readings became visible: writers of one sit wait for each other. */
    place: bigserial({ mode: "number" }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.outingId, table.sensor, table.at] }),
    foreignKey({
      columns: [table.ownerId, table.outingId],
      foreignColumns: [liveSit.ownerId, liveSit.outingId],
    }).onDelete("cascade"),
  ],
);
