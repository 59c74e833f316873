import * as m from "@/messages";
import { OUTING_RANGE } from "@/core/outing";
import { AppError } from "../app-error";

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

/** A picture as it is answered: never taken for anything but a picture. @throws {AppError} `not-found` where there is none */
export function jpegResponse(jpeg: Buffer | null): Response {
  if (!jpeg) throw new AppError("not-found", m.thereIsNoPhotoOfIt);
  return new Response(new Uint8Array(jpeg), { headers: { "content-type": JPEG, "cache-control": "no-store" } });
}
