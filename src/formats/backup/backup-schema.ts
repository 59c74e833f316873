import { z } from "zod";
import { PIECE_STATUSES } from "@/core/outing";
import { SIDES } from "@/core/patches";
import { acceptedSchema, bodySchema, nameSchema, settingSchema, timeZoneSchema } from "../outing-file/schema";
import { MOST_COMMANDS } from "../sheet-commands/sheet-command";
import { heldToSchema } from "../wire/held-to-schema";
import { isPriceWhole, pieceShape, PRICE_PROBLEM } from "../wire/kit-schema";
import { outfitWearingsSchema } from "../wire/outfit-schema";
import { commandSchema, contentShape, planSchema } from "../wire/outing-schema";

// One format for everything a person has here, and for a single outing with all it stands on.

export const BACKUP_FORMAT = "umiak-backup";
/** The newest version of the format; older ones are upgraded when read. */
export const BACKUP_FORMAT_VERSION = 1;
const MOST_ROWS = 20_000;
const MOST_PHOTO_LETTERS = 600_000;

const id = z.uuid();
const instant = z.iso.datetime({ offset: true });
const rows = <Row extends z.ZodType>(row: Row) => z.array(row).max(MOST_ROWS);

const personSchema = bodySchema.extend({
  id,
  name: nameSchema,
  accepted: acceptedSchema,
  workingHand: z.enum(SIDES),
  coldHands: z.boolean(),
  heldTo: heldToSchema,
});
const placeSchema = z.strictObject({ id, name: nameSchema, timeZone: timeZoneSchema, setting: settingSchema });
const pieceSchema = z
  .strictObject({
    id,
    personId: id,
    ...pieceShape,
    status: z.enum(PIECE_STATUSES),
    /** JPEG, base64. */
    photo: z.base64().max(MOST_PHOTO_LETTERS).nullable().default(null),
  })
  .refine(isPriceWhole, PRICE_PROBLEM);
const outfitSchema = z.strictObject({ id, personId: id, name: nameSchema, wearings: outfitWearingsSchema });
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
  plan: planSchema.default({}),
  commands: z.array(commandSchema).max(MOST_COMMANDS).default([]),
  /** How many of the commands are done. */
  done: z.int().min(0).default(0),
});

type Referring = {
  people: readonly { id: string }[];
  places: readonly { id: string }[];
  pieces: readonly { id: string; personId: string }[];
  outfits: readonly { personId: string }[];
  outings: readonly { personId: string; placeId: string; wearings: readonly { pieceId: string }[] }[];
};

/** A file is whole by itself: whatever a row names is in it. */
function checkReferences(
  { people, places, pieces, outfits, outings }: Referring,
  context: z.core.$RefinementCtx,
): void {
  const known = {
    person: new Set(people.map((row) => row.id)),
    place: new Set(places.map((row) => row.id)),
    piece: new Set(pieces.map((row) => row.id)),
  };
  const need = (of: keyof typeof known, own: string, path: (string | number)[]): void => {
    if (!known[of].has(own))
      context.addIssue({ code: "custom", path, message: `names a ${of} that is not in the file` });
  };
  pieces.forEach(({ personId }, place) => need("person", personId, ["pieces", place, "personId"]));
  outfits.forEach(({ personId }, place) => need("person", personId, ["outfits", place, "personId"]));
  outings.forEach(({ personId, placeId, wearings }, place) => {
    need("person", personId, ["outings", place, "personId"]);
    need("place", placeId, ["outings", place, "placeId"]);
    wearings.forEach(({ pieceId }, at) => need("piece", pieceId, ["outings", place, "wearings", at, "pieceId"]));
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
  })
  .superRefine(checkReferences);
export type Backup = z.infer<typeof backupSchema>;
