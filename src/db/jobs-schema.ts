import {
  check,
  foreignKey,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import { sql } from "drizzle-orm";
import { owner } from "./schema";

// Long computations: what is asked, and what its parts answered. No page shows these rows as they stand, so they do not raise
// `owner.changes`; nothing is lost with them but time, so no backup holds them.

export const JOB_STATES = ["waiting", "done", "failed", "cancelled"] as const;
export type JobState = (typeof JOB_STATES)[number];

export const job = pgTable(
  "job",
  {
    ownerId: uuid()
      .notNull()
      .references(() => owner.id),
    id: uuid().notNull(),
    /** Name of the computation, as the core knows it. */
    work: text().notNull(),
    modelVersion: text().notNull(),
    /** Of the input: the same question is answered by what was found before. */
    inputHash: text().notNull(),
    input: jsonb().notNull(),
    state: text({ enum: JOB_STATES }).notNull().default("waiting"),
    /** Which of its rounds of parts it is at, how many parts that one has. */
    stage: integer().notNull().default(0),
    asked: integer().notNull().default(0),
    result: jsonb(),
    /** Why it failed. */
    message: text(),
    createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
    /** When the first part was begun by a worker; `null`: nobody has looked at it yet. */
    begunAt: timestamp({ withTimezone: true }),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    unique("job_question").on(table.ownerId, table.work, table.modelVersion, table.inputHash),
    check("job_state", sql`${table.state} in ('waiting', 'done', 'failed', 'cancelled')`),
  ],
);

/** What a part of a computation answered. */
export const jobPart = pgTable(
  "job_part",
  {
    ownerId: uuid().notNull(),
    jobId: uuid().notNull(),
    stage: integer().notNull(),
    place: integer().notNull(),
    answer: jsonb().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.jobId, table.stage, table.place] }),
    foreignKey({ columns: [table.ownerId, table.jobId], foreignColumns: [job.ownerId, job.id] }).onDelete("cascade"),
  ],
);
