import * as m from "@/messages";

/** The longest side of a photo as it is kept, px: enough to know a piece or a place by. */
const PHOTO_PX = 640;
const PHOTO_QUALITY = 0.8;

/**
 * Draws a picture again from whatever was chosen: nothing of the file but its picture leaves the browser.
 * @throws {Error} with a message to show
 */
export async function asPhoto(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) throw new Error(m.thisFileIsNoPictureThe);
  const scale = Math.min(1, PHOTO_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext("2d")!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const photo = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", PHOTO_QUALITY));
  if (!photo) throw new Error(m.thePictureCouldNotBeDrawn);
  return photo;
}
