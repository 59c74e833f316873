import * as m from "@/messages";
import { z } from "zod";
import { OUTING_RANGE } from "@/core/outing";
import { PIECE_KINDS, PIECE_STATUSES } from "@/core/pieces";
import { labelSchema } from "../../outing-file/schema/label-schema";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { traitsSchema } from "../../outing-file/schema/piece-schema";
import { wholeWithin } from "../../within";
import { MINOR_PER_UNIT, MOST_PRICE } from "../../../core/pieces";
import { LONGEST_NOTE, type KitView } from "./kit-view";

const id = z.uuid();
/** As many pieces as are added, or stand in a file, at once. */
export const MOST_PIECES_AT_ONCE = 500;

const careDone = z.strictObject({ wears: z.int().min(0), on: z.iso.date() }).optional();
export const careSchema = z.strictObject({ dry: careDone, wash: careDone, reproof: careDone, loft: careDone });

/** What is known of a piece. */
export const pieceShape = {
  name: nameSchema,
  kind: z.enum(PIECE_KINDS),
  label: labelSchema,
  fingersTogether: z.boolean().default(false),
  traits: traitsSchema.default({}),
  massG: wholeWithin(OUTING_RANGE.pieceMassG).nullable().default(null),
  priceMinor: wholeWithin([0, MOST_PRICE * MINOR_PER_UNIT])
    .nullable()
    .default(null),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, m.isACurrencyCodeOfThree)
    .nullable()
    .default(null),
  note: z.string().max(LONGEST_NOTE).default(""),
  care: careSchema.default({}),
};

type Priced = { readonly priceMinor: number | null; readonly currency: string | null };
export const isPriceWhole = ({ priceMinor, currency }: Priced): boolean =>
  (priceMinor === null) === (currency === null);
export const PRICE_PROBLEM = { path: ["currency"], message: m.comesWithAPriceAndA };

/** A piece as a file of the kit holds it. */
export const pieceSchema = z.strictObject(pieceShape).refine(isPriceWhole, PRICE_PROBLEM);
export type PieceInFile = z.infer<typeof pieceSchema>;

/** Pieces that join a person's kit. */
export const newPiecesSchema = z.strictObject({
  pieces: z
    .array(z.strictObject({ id, ...pieceShape }).refine(isPriceWhole, PRICE_PROBLEM))
    .min(1)
    .max(MOST_PIECES_AT_ONCE),
});
export type NewPieces = z.infer<typeof newPiecesSchema>;

/** The version of a piece that a page saw, in an address. */
export const versionSchema = z.coerce.number().pipe(z.int().min(1));

/** A piece as it is to be kept, on the version it was read at. */
export const savedPieceSchema = z
  .strictObject({ version: z.int().min(1), ...pieceShape })
  .refine(isPriceWhole, PRICE_PROBLEM);
export type SavedPiece = z.infer<typeof savedPieceSchema>;

/** Pieces retired, deleted, or restored, many at once. */
export const pieceStatusSchema = z.strictObject({
  ids: z.array(id).min(1).max(MOST_PIECES_AT_ONCE),
  to: z.enum(PIECE_STATUSES),
});
export type PieceStatusChange = z.infer<typeof pieceStatusSchema>;

/** A person's kit as it is answered. */
export const kitViewSchema: z.ZodType<KitView> = z.strictObject({
  person: z.strictObject({ id, name: z.string() }),
  pieces: z.array(
    z.strictObject({
      id,
      ...pieceShape,
      name: z.string(),
      version: z.int().min(1),
      status: z.enum(PIECE_STATUSES),
      outings: z.int().min(0),
      wears: z.int().min(0),
      hasPhoto: z.boolean(),
    }),
  ),
});
