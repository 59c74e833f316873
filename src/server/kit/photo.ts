import * as m from "@/messages";
import { OUTING_RANGE } from "@/core/outing";
import { inTransaction, readPhoto, replacePhoto, type Database } from "@/db";
import { AppError } from "../app-error";
import { isUuid } from "../uuid";
import { savedOrRefused } from "../saved-or-refused";

const JPEG = "image/jpeg";
const [LEAST_BYTES, MOST_BYTES] = OUTING_RANGE.photoBytes;
/** How every JPEG begins. */
const JPEG_START = [0xff, 0xd8, 0xff] as const;

/** Reads a JPEG from a request. @throws {AppError} `wrong-media-type`, `body-too-large`, `bad-input` */
export async function readJpeg(request: Request): Promise<Buffer> {
  if (request.headers.get("content-type") !== JPEG) throw new AppError("wrong-media-type", m.sendAJpegPicture);
  const parts: Uint8Array[] = [];
  let bytes = 0;
  // Length is counted as it comes: the header may be missing or untrue.
  for await (const part of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    bytes += part.byteLength;
    if (bytes > MOST_BYTES) {
      throw new AppError("body-too-large", m.aPhotoMayHoldBytesAt({ mostBytes: MOST_BYTES }));
    }
    parts.push(part);
  }
  const jpeg = Buffer.concat(parts);
  if (jpeg.length < LEAST_BYTES || !JPEG_START.every((byte, index) => jpeg[index] === byte)) {
    throw new AppError("bad-input", m.thisIsNoJpegPictureWhatever);
  }
  return jpeg;
}

/**
 * Keeps a photo of a piece, or takes it away.
 * @param version the piece's, as the page saw it
 * @param jpeg `null`: none
 * @throws {AppError} `not-found`, `version-conflict`
 */
export const savePhoto = (
  database: Database,
  ownerId: string,
  pieceId: string,
  version: number,
  jpeg: Buffer | null,
): Promise<{ version: number }> =>
  savedOrRefused("piece", pieceId, () =>
    inTransaction(database, (transaction) => replacePhoto(transaction, ownerId, pieceId, version, jpeg)),
  );

/** The photo as it is answered: never taken for anything but a picture. @throws {AppError} `not-found` */
export async function photoResponse(database: Database, ownerId: string, pieceId: string): Promise<Response> {
  const jpeg = isUuid(pieceId) ? await readPhoto(database, ownerId, pieceId) : null;
  if (!jpeg) throw new AppError("not-found", m.thereIsNoPhotoOfIt);
  return new Response(new Uint8Array(jpeg), { headers: { "content-type": JPEG, "cache-control": "no-store" } });
}
