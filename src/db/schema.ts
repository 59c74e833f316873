import { sql, type SQL } from "drizzle-orm";
import {
  bigint,
  boolean,
  check,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
  type AnyPgColumn,
} from "drizzle-orm/pg-core";
import { PERSON_RANGE } from "../core/body/index";
import { LIMITS, type AcceptedLevels } from "../core/limits/index";
import type { CareDone } from "../core/care/index";
import type { PracticePreferences } from "../core/changes/index";
import type { Label } from "../core/labels/index";
import type { Effort } from "../core/effort/index";
import {
  FEELS,
  OUTING_RANGE,
  PHASE_KINDS,
  TASK_HANDS,
  WEARING_SIDES,
  WHEN_OFF,
  type PlaceSetting,
  type Recurring,
} from "../core/outing/index";
import { PIECE_KINDS, PIECE_STATUSES, type PieceTraits } from "../core/pieces/index";
import { SIDES, type LeakPoint } from "../core/patches/index";
import type { GoOrStay } from "../core/opinion/index";
import type { DecidingSit, OutingPreparation } from "../core/evening/index";
import type { MinutesRange } from "../core/range/index";
import { CONDITION_RANGE, SITTER_POSTURES } from "../core/sitter/index";
import type { HeatSpan } from "../core/heat/index";
import type { WettingKind } from "../core/water/index";
import { bytes, photoSize } from "./photo-column";
import { GROUNDS, SEAT_HEIGHT_RANGE_M, SHELTER } from "../core/weather/index";

// Rules of every table: ids are UUIDv7 made by whoever creates the row; every table has owner_id and every foreign key
// carries it, so rows of two owners can never be joined; checks take their limits from the core.

/** A number as an SQL literal: figures of the core only, never user input. */
const literal = (value: number): SQL => sql.raw(String(value));
const inRange = (column: AnyPgColumn, [low, high]: readonly [number, number]): SQL =>
  sql`${column} between ${literal(low)} and ${literal(high)}`;
const words = (allowed: readonly string[]): SQL => sql.raw(allowed.map((word) => `'${word}'`).join(", "));
const oneOf = (column: AnyPgColumn, allowed: readonly string[]): SQL => sql`${column} in (${words(allowed)})`;

const ownerId = () => uuid().notNull();
const version = () => integer().notNull().default(1);
/** Not offered any more, kept in old outings. */
const retired = () => boolean().notNull().default(false);
const createdAt = () => timestamp({ withTimezone: true }).notNull().defaultNow();
const updatedAt = () => timestamp({ withTimezone: true }).notNull().defaultNow();

/** A number as it was typed, with its unit: shown again to whoever typed it. */
export type TypedQuantity = { readonly value: number; readonly unit: string };

/** A change of one thing on a sheet: what it was and what it became; `null` where there was or is none. */
export type SheetChange = {
  readonly collection: string;
  readonly key: string;
  readonly before: unknown;
  readonly after: unknown;
};

/** A finding kept with an outing, so that a list need not simulate. */
export type StoredVerdict = {
  readonly kind: "ends" | "arrivesTooCold" | "longerThan";
  readonly minutesStill: number;
  /** Verdicts of models before the eleventh have no range. */
  readonly lowMinutes?: number | null;
  readonly highMinutes?: number | null;
  readonly standardMinutes?: number | null;
  readonly plannedMinutes: number;
  readonly sitFromMinute: number;
  readonly limit: (typeof LIMITS)[number] | null;
  readonly part: string | null;
  readonly side: string | null;
};

/** What a field card tells beside the verdict, found by the same simulation. */
export type StoredCard = {
  readonly range: Pick<MinutesRange, "low" | "high">;
  readonly advice: GoOrStay;
  readonly sit: DecidingSit;
};

export const owner = pgTable("owner", {
  id: uuid().primaryKey(),
  name: text().notNull(),
  /** Raised, by triggers, with every transaction that changes a row of the owner's: what was rendered before is old. */
  changes: bigint({ mode: "number" }).notNull().default(0),
  createdAt: createdAt(),
});

export const person = pgTable(
  "person",
  {
    id: uuid().notNull(),
    ownerId: ownerId().references(() => owner.id),
    name: text().notNull(),
    heightM: doublePrecision().notNull(),
    massKg: doublePrecision().notNull(),
    fatPercent: doublePrecision().notNull(),
    ageYears: integer().notNull(),
    sex: text({ enum: ["female", "male"] }).notNull(),
    accepted: jsonb().$type<AcceptedLevels>().notNull(),
    workingHand: text({ enum: SIDES }).notNull().default("right"),
    coldHands: boolean().notNull().default(false),
    feels: text({ enum: FEELS }).notNull().default("usual"),
    wearsGlasses: boolean().notNull().default(false),
    /** What notes after sits taught moves their figures. */
    usesNotes: boolean().notNull().default(true),
    /** Materials avoided and ways held to. */
    practicePreferences: jsonb().$type<PracticePreferences>().notNull().default({ avoids: [], practices: {} }),
    retired: retired(),
    version: version(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    check("person_height", inRange(table.heightM, PERSON_RANGE.heightM)),
    check("person_mass", inRange(table.massKg, PERSON_RANGE.massKg)),
    check("person_fat", inRange(table.fatPercent, PERSON_RANGE.fatPercent)),
    check("person_age", inRange(table.ageYears, PERSON_RANGE.ageYears)),
    check("person_feels", oneOf(table.feels, FEELS)),
    check("person_working_hand", oneOf(table.workingHand, SIDES)),
    check("person_sex", oneOf(table.sex, ["female", "male"])),
  ],
);

/** The figures every setting has, checked inside the document that holds them. */
const settingChecks = (table: string, setting: AnyPgColumn) => [
  check(`${table}_shelter`, sql`${setting} ->> 'shelter' in (${words(Object.keys(SHELTER))})`),
  check(`${table}_ground`, sql`${setting} ->> 'ground' in (${words(GROUNDS)})`),
  check(
    `${table}_seat_height`,
    sql`(${setting} ->> 'seatHeightM')::double precision between ${literal(SEAT_HEIGHT_RANGE_M[0])} and ${literal(SEAT_HEIGHT_RANGE_M[1])}`,
  ),
];

export const place = pgTable(
  "place",
  {
    id: uuid().notNull(),
    ownerId: ownerId().references(() => owner.id),
    name: text().notNull(),
    /** What new outings start from; an outing has its own, so that what is changed there stays there. */
    setting: jsonb().$type<PlaceSetting>().notNull(),
    timeZone: text().notNull(),
    retired: retired(),
    version: version(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
  },
  (table) => [primaryKey({ columns: [table.ownerId, table.id] }), ...settingChecks("place", table.setting)],
);

export const piece = pgTable(
  "piece",
  {
    id: uuid().notNull(),
    ownerId: ownerId(),
    personId: uuid().notNull(),
    name: text().notNull(),
    kind: text({ enum: PIECE_KINDS }).notNull(),
    label: jsonb().$type<Label>().notNull(),
    fingersTogether: boolean().notNull().default(false),
    traits: jsonb().$type<PieceTraits>().notNull().default({}),
    massG: integer(),
    priceMinor: integer(),
    currency: text(),
    /** What else is to be said of it, in own words. */
    note: text().notNull().default(""),
    /** When it was dried, washed, proofed, aired last. */
    care: jsonb().$type<CareDone>().notNull().default({}),
    /** Not offered any more, kept in old outings; deleted ones are not listed either, and can be restored. */
    status: text({ enum: PIECE_STATUSES }).notNull().default("inUse"),
    /** By which share of another account it was lent; what is called back is not offered any more. */
    lentBy: uuid(),
    version: version(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    foreignKey({ columns: [table.ownerId, table.personId], foreignColumns: [person.ownerId, person.id] }),
    index("piece_by_person").on(table.ownerId, table.personId),
    check("piece_kind", oneOf(table.kind, PIECE_KINDS)),
    check("piece_status", oneOf(table.status, PIECE_STATUSES)),
    check("piece_mass", sql`${table.massG} is null or ${table.massG} > 0`),
    check("piece_price", sql`(${table.priceMinor} is null) = (${table.currency} is null)`),
  ],
);

/** A picture of a piece, JPEG. */
export const piecePhoto = pgTable(
  "piece_photo",
  {
    ownerId: ownerId(),
    pieceId: uuid().notNull(),
    jpeg: bytes().notNull(),
    updatedAt: updatedAt(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.pieceId] }),
    foreignKey({ columns: [table.ownerId, table.pieceId], foreignColumns: [piece.ownerId, piece.id] }).onDelete(
      "cascade",
    ),
    photoSize("piece_photo_size", table.jpeg),
  ],
);

/** What was worn in the middle of a sit, to be worn again. */
export type OutfitWearing = {
  readonly pieceId: string;
  readonly side: (typeof WEARING_SIDES)[number];
  readonly rank: number;
  /** Put on at the seat; otherwise worn from the start. */
  readonly isForTheSit: boolean;
  readonly opened: readonly LeakPoint[];
  readonly withoutParts: readonly string[];
  readonly whenOff: (typeof WHEN_OFF)[number];
};

/** Outfits by name. Pieces are named, not joined: one that is deleted is left out when the outfit is worn again. */
export const outfit = pgTable(
  "outfit",
  {
    id: uuid().notNull(),
    ownerId: ownerId(),
    personId: uuid().notNull(),
    name: text().notNull(),
    wearings: jsonb().$type<readonly OutfitWearing[]>().notNull(),
    createdAt: createdAt(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    foreignKey({ columns: [table.ownerId, table.personId], foreignColumns: [person.ownerId, person.id] }),
    unique("outfit_name").on(table.ownerId, table.personId, table.name),
  ],
);

export const outing = pgTable(
  "outing",
  {
    id: uuid().notNull(),
    ownerId: ownerId(),
    name: text().notNull(),
    personId: uuid().notNull(),
    placeId: uuid().notNull(),
    startsAt: timestamp({ withTimezone: true }).notNull(),
    setting: jsonb().$type<PlaceSetting>().notNull(),
    /** The hours were shaped from a low and a high. */
    weatherShaped: boolean().notNull().default(false),
    /** What the figure does not follow from: forecast taken, track, ticks, who knows of it. */
    plan: jsonb().$type<OutingPreparation>().notNull().default({}),
    /** Outings of several sitters who go together share it. */
    partyId: uuid(),
    /** Taken off the list; it can be restored. */
    removedAt: timestamp({ withTimezone: true }),
    /** Invented for the demonstration: said on screen. */
    invented: boolean().notNull().default(false),
    version: version(),
    /** Id of the save that made this version; none where something else did. */
    lastSave: uuid(),
    verdict: jsonb().$type<StoredVerdict>(),
    card: jsonb().$type<StoredCard>(),
    verdictModelVersion: text(),
    verdictInputHash: text(),
    /** What was told to calendars: what is gone from the plan has to be cancelled there. */
    calendarKeys: text().array().notNull().default([]),
    /** How many commands of its list are done; those behind are undone and can be done again. */
    commandsDone: integer().notNull().default(0),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    foreignKey({ columns: [table.ownerId, table.personId], foreignColumns: [person.ownerId, person.id] }),
    foreignKey({ columns: [table.ownerId, table.placeId], foreignColumns: [place.ownerId, place.id] }),
    ...settingChecks("outing", table.setting),
    index("outing_by_party").on(table.ownerId, table.partyId),
    index("outing_by_start").on(table.ownerId, table.startsAt),
  ],
);

const ofOuting = (table: { ownerId: AnyPgColumn; outingId: AnyPgColumn }) =>
  foreignKey({ columns: [table.ownerId, table.outingId], foreignColumns: [outing.ownerId, outing.id] }).onDelete(
    "cascade",
  );

export const hourOfWeather = pgTable(
  "hour_of_weather",
  {
    ownerId: ownerId(),
    outingId: uuid().notNull(),
    at: timestamp({ withTimezone: true }).notNull(),
    airTemperatureC: doublePrecision().notNull(),
    windMPerS: doublePrecision().notNull(),
    relativeHumidityPercent: doublePrecision().notNull(),
    radiantTemperatureC: doublePrecision(),
    cloudShare: doublePrecision(),
    /** Through the hour that begins here, as water, mm. */
    precipitationMm: doublePrecision(),
    airTemperatureTyped: jsonb().$type<TypedQuantity>(),
    windTyped: jsonb().$type<TypedQuantity>(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.outingId, table.at] }),
    ofOuting(table),
    check("hour_air_temperature", inRange(table.airTemperatureC, CONDITION_RANGE.airTemperatureC)),
    check("hour_cloud", inRange(table.cloudShare, OUTING_RANGE.cloudShare)),
    check("hour_precipitation", inRange(table.precipitationMm, OUTING_RANGE.precipitationMm)),
    check("hour_wind", inRange(table.windMPerS, CONDITION_RANGE.windMPerS)),
    check("hour_humidity", inRange(table.relativeHumidityPercent, CONDITION_RANGE.relativeHumidityPercent)),
  ],
);

export const phase = pgTable(
  "phase",
  {
    id: uuid().notNull(),
    ownerId: ownerId(),
    outingId: uuid().notNull(),
    position: integer().notNull(),
    kind: text({ enum: PHASE_KINDS }).notNull(),
    minutes: integer().notNull(),
    posture: text({ enum: SITTER_POSTURES }).notNull(),
    activityRatio: doublePrecision().notNull(),
    walkSpeedMPerS: doublePrecision().notNull(),
    effort: jsonb().$type<Effort>(),
    leaning: boolean().notNull().default(false),
    hands: text({ enum: TASK_HANDS }),
    dexterityNeeded: integer(),
    /** Water that doing it brings. */
    wetBy: text().array().$type<WettingKind[]>().notNull().default([]),
    /** Tasks and breaks as rules; the core expands them. */
    recurring: jsonb().$type<readonly Recurring[]>().notNull().default([]),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    ofOuting(table),
    unique("phase_position").on(table.ownerId, table.outingId, table.position),
    check("phase_kind", oneOf(table.kind, PHASE_KINDS)),
    check("phase_minutes", inRange(table.minutes, OUTING_RANGE.phaseMinutes)),
    check("phase_posture", oneOf(table.posture, SITTER_POSTURES)),
    check("phase_hands", oneOf(table.hands, TASK_HANDS)),
    check("phase_dexterity", inRange(table.dexterityNeeded, OUTING_RANGE.dexterity)),
    check("phase_activity", inRange(table.activityRatio, CONDITION_RANGE.activityRatio)),
    check("phase_walk", inRange(table.walkSpeedMPerS, CONDITION_RANGE.walkSpeedMPerS)),
  ],
);

export const wearing = pgTable(
  "wearing",
  {
    id: uuid().notNull(),
    ownerId: ownerId(),
    outingId: uuid().notNull(),
    pieceId: uuid().notNull(),
    side: text({ enum: WEARING_SIDES }).notNull(),
    rank: integer().notNull(),
    fromMinute: integer().notNull(),
    toMinute: integer().notNull(),
    opened: text().array().$type<LeakPoint[]>().notNull().default([]),
    withoutParts: text().array().notNull().default([]),
    whenOff: text({ enum: WHEN_OFF }).notNull().default("pack"),
    /** When a piece that brings heat runs; `null`: as usual. */
    heat: jsonb().$type<readonly HeatSpan[]>(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.id] }),
    ofOuting(table),
    foreignKey({ columns: [table.ownerId, table.pieceId], foreignColumns: [piece.ownerId, piece.id] }),
    index("wearing_by_outing").on(table.ownerId, table.outingId),
    index("wearing_by_piece").on(table.ownerId, table.pieceId),
    check("wearing_side", oneOf(table.side, WEARING_SIDES)),
    check("wearing_when_off", oneOf(table.whenOff, WHEN_OFF)),
    check("wearing_rank", inRange(table.rank, OUTING_RANGE.rank)),
    check("wearing_span", sql`${table.fromMinute} >= 0 and ${table.toMinute} > ${table.fromMinute}`),
  ],
);

/** What was done to a sheet, in order, each with its way back: for undo, and to do again on a newer state. */
export const sheetCommand = pgTable(
  "sheet_command",
  {
    ownerId: ownerId(),
    outingId: uuid().notNull(),
    position: integer().notNull(),
    id: uuid().notNull(),
    label: text().notNull(),
    changes: jsonb().$type<readonly SheetChange[]>().notNull(),
    createdAt: createdAt(),
  },
  (table) => [
    primaryKey({ columns: [table.ownerId, table.outingId, table.position] }),
    ofOuting(table),
    unique("sheet_command_id").on(table.ownerId, table.id),
    check("sheet_command_position", sql`${table.position} >= 0`),
  ],
);
