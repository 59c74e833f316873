import { foreignKey, jsonb, pgTable, primaryKey, text, timestamp, uuid } from "drizzle-orm/pg-core";
import type { Felt } from "../core/logbook/index";
import type { Learnt } from "../core/outing/index";
import { bytes, photoSize } from "./photo-column";
import { outing, person, type StoredVerdict } from "./schema";

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
    /** What the model of `todayModelVersion` says of the outing as it was; `null` where it cannot be computed. */
    todayVerdict: jsonb().$type<StoredVerdict>(),
    /** `null` while no model has been asked again. */
    todayModelVersion: text(),
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

/** A picture with a note, JPEG. */
export const logbookPhoto = pgTable(
  "logbook_photo",
  {
    ownerId: uuid().notNull(),
    outingId: uuid().notNull(),
    jpeg: bytes().notNull(),
    updatedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.outingId] }),
    foreignKey({
      columns: [table.ownerId, table.outingId],
      foreignColumns: [logbookNote.ownerId, logbookNote.outingId],
    }).onDelete("cascade"),
    photoSize("logbook_photo_size", table.jpeg),
  ],
);

/** What somebody's notes teach, learnt again whenever notes or the model change: kept because learning takes seconds. */
export const personLearnt = pgTable(
  "person_learnt",
  {
    ownerId: uuid().notNull(),
    personId: uuid().notNull(),
    /** `null` where nothing could be learnt of these notes. */
    learnt: jsonb().$type<Learnt>(),
    /** Of the notes it is learnt from: `notesStamp`. */
    stamp: text().notNull(),
    modelVersion: text().notNull(),
    updatedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.personId] }),
    foreignKey({ columns: [table.ownerId, table.personId], foreignColumns: [person.ownerId, person.id] }).onDelete(
      "cascade",
    ),
  ],
);
