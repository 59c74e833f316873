import * as m from "@/messages";
import { KEPT_WORDS } from "../display/words/kept-words";
import { z } from "zod";
import { FEELS, OUTING_RANGE } from "@/core/outing";
import { PIECE_STATUSES } from "@/core/pieces";
import { SIDES } from "@/core/patches";
import { MOST_NAME, nameSchema, timeZoneSchema } from "../outing-file/schema/common-schema";
import { outingFileSchema } from "../outing-file/schema/outing-schema";
import { settingSchema } from "../outing-file/schema/place-schema";
import { acceptedSchema, bodySchema } from "../outing-file/schema/person-schema";
import { MOST_COMMANDS } from "../sheet-commands/sheet-command";
import { verdictLineSchema } from "../wire/answers";
import { NO_TRIP_CONTENT, tripContentSchema } from "../trip/content-schema";
import { nightSchema } from "../trip/night-schema";
import { MOST_TRIP_DAYS } from "../wire/trips/trip-schema";
import { feltSchema } from "../wire/logbook/felt-schema";
import { liveReadingSchema, liveVotesSchema, MOST_READINGS } from "../wire/live/live-schema";
import { practicePreferencesSchema } from "../wire/kit/practice-preferences-schema";
import { isPriceWhole, pieceShape, PRICE_PROBLEM } from "../wire/kit/kit-schema";
import { outfitWearingsSchema } from "../wire/kit/outfit-schema";
import { commandSchema, contentShape, preparationSchema } from "../wire/outing/outing-schema";

// One format for everything a person has here, and for a single outing with all it stands on.

export const BACKUP_FORMAT = "umiak-backup";
/** The newest version of the format; older ones are upgraded when read. */
export const BACKUP_FORMAT_VERSION = 3;
const MOST_ROWS = 20_000;
/** Three bytes are four letters. */
const MOST_PHOTO_LETTERS = Math.ceil(OUTING_RANGE.photoBytes[1] / 3) * 4;
/** How every JPEG begins, in base64: bytes FF D8 FF. */
const JPEG_START = "/9j/";
const bytesOf = (base64: string): number => (base64.length / 4) * 3 - (/=*$/.exec(base64)?.[0].length ?? 0);
/** Longest list of what a backup could not hold. */
export const MOST_LEFT_OUT = 1000;

const id = z.uuid();
const instant = z.iso.datetime({ offset: true });
const rows = <Row extends z.ZodType>(row: Row) => z.array(row).max(MOST_ROWS);

const personSchema = bodySchema.extend({
  id,
  name: nameSchema,
  accepted: acceptedSchema,
  workingHand: z.enum(SIDES),
  coldHands: z.boolean(),
  feels: z.enum(FEELS).default("usual"),
  wearsGlasses: z.boolean().default(false),
  usesNotes: z.boolean().default(true),
  retired: z.boolean().default(false),
  practicePreferences: practicePreferencesSchema,
});
const placeSchema = z.strictObject({
  id,
  name: nameSchema,
  timeZone: timeZoneSchema,
  setting: settingSchema,
  retired: z.boolean().default(false),
});
/** JPEG, base64. */
const photoSchema = z
  .base64()
  .max(MOST_PHOTO_LETTERS)
  .refine((letters) => letters.startsWith(JPEG_START), m.isNoJpegPicture)
  .refine(
    (letters) => bytesOf(letters) >= OUTING_RANGE.photoBytes[0] && bytesOf(letters) <= OUTING_RANGE.photoBytes[1],
    m.holdsToBytes({ photoBytes: OUTING_RANGE.photoBytes[0], photoBytes2: OUTING_RANGE.photoBytes[1] }),
  )
  .nullable()
  .default(null);
const pieceSchema = z
  .strictObject({
    id,
    personId: id,
    ...pieceShape,
    status: z.enum(PIECE_STATUSES),
    photo: photoSchema,
  })
  .refine(isPriceWhole, PRICE_PROBLEM);
const outfitSchema = z.strictObject({ id, personId: id, name: nameSchema, wearings: outfitWearingsSchema });
const noteSchema = z.strictObject({
  felt: feltSchema,
  file: outingFileSchema,
  verdict: verdictLineSchema.nullable(),
  modelVersion: z.string().max(MOST_NAME).nullable(),
  photo: photoSchema,
});
const liveSchema = z.strictObject({
  beganAt: instant,
  endedAt: instant.nullable(),
  votes: liveVotesSchema,
  readings: z.array(liveReadingSchema.omit({ place: true })).max(MOST_READINGS),
});
/** Outings in a row, with the night after each. */
const tripSchema = z.strictObject({
  id,
  name: nameSchema,
  content: tripContentSchema.default(NO_TRIP_CONTENT),
  days: z.array(z.strictObject({ outingId: id, night: nightSchema })).max(MOST_TRIP_DAYS),
});
const outingSchema = z.strictObject({
  id,
  name: nameSchema,
  personId: id,
  placeId: id,
  partyId: id.nullable().default(null),
  startsAt: instant,
  invented: z.boolean().default(false),
  removed: z.boolean().default(false),
  ...contentShape,
  plan: preparationSchema.default({}),
  commands: z.array(commandSchema).max(MOST_COMMANDS).default([]),
  /** How many of the commands are done. */
  done: z.int().min(0).default(0),
  /** What was felt on it, with the outing and its prediction as they were when that was told. */
  note: noteSchema.nullable().default(null),
  /** What was said and read while it went on; loggers need another token. */
  live: liveSchema.nullable().default(null),
});

/** What stood in the database and could not be written: in a form that cannot be read, or of something that could not. */
const leftOutSchema = z.strictObject({
  what: z.enum(["person", "place", "piece", "photo", "outfit", "outing", "wearing", "history", "note", "live", "trip"]),
  name: z.string().max(400),
  reason: z.string().max(400),
});
export type LeftOut = z.infer<typeof leftOutSchema>;

type Referring = {
  people: readonly { id: string }[];
  places: readonly { id: string }[];
  pieces: readonly { id: string; personId: string }[];
  outfits: readonly { personId: string }[];
  outings: readonly { id: string; personId: string; placeId: string; wearings: readonly { pieceId: string }[] }[];
  trips: readonly { days: readonly { outingId: string }[] }[];
};

/** A file is whole by itself: whatever a row names is in it. */
function checkReferences(
  { people, places, pieces, outfits, outings, trips }: Referring,
  context: z.core.$RefinementCtx,
): void {
  const known = {
    person: new Set(people.map((row) => row.id)),
    place: new Set(places.map((row) => row.id)),
    piece: new Set(pieces.map((row) => row.id)),
    outing: new Set(outings.map((row) => row.id)),
  };
  const owners = new Map(pieces.map((row) => [row.id, row.personId]));
  const need = (of: keyof typeof known, own: string, path: (string | number)[]): void => {
    if (!known[of].has(own))
      context.addIssue({ code: "custom", path, message: m.namesAThatIsNotIn({ ofValue: KEPT_WORDS[of] }) });
  };
  pieces.forEach(({ personId }, index) => need("person", personId, ["pieces", index, "personId"]));
  outfits.forEach(({ personId }, index) => need("person", personId, ["outfits", index, "personId"]));
  trips.forEach(({ days }, index) =>
    days.forEach(({ outingId }, at) => need("outing", outingId, ["trips", index, "days", at, "outingId"])),
  );
  outings.forEach(({ personId, placeId, wearings }, index) => {
    need("person", personId, ["outings", index, "personId"]);
    need("place", placeId, ["outings", index, "placeId"]);
    wearings.forEach(({ pieceId }, at) => {
      const path = ["outings", index, "wearings", at, "pieceId"];
      need("piece", pieceId, path);
      if ((owners.get(pieceId) ?? personId) !== personId)
        context.addIssue({ code: "custom", path, message: m.namesAPieceOfSomebodyElses });
    });
  });
}

/** Everything, or one outing with all it stands on. */
export const backupSchema = z
  .strictObject({
    format: z.literal(BACKUP_FORMAT),
    formatVersion: z.literal(BACKUP_FORMAT_VERSION),
    madeAt: instant,
    people: rows(personSchema),
    places: rows(placeSchema),
    pieces: rows(pieceSchema),
    outfits: rows(outfitSchema).default([]),
    outings: rows(outingSchema),
    trips: rows(tripSchema).default([]),
    /** What is missing from the file, and why. */
    leftOut: z.array(leftOutSchema).max(MOST_LEFT_OUT).optional(),
  })
  .superRefine(checkReferences);
export type Backup = z.infer<typeof backupSchema>;

/** The rows of a backup, one by one. */
export const BACKUP_ROWS = {
  person: personSchema,
  place: placeSchema,
  piece: pieceSchema,
  outfit: outfitSchema,
  outing: outingSchema,
  trip: tripSchema,
} as const;
