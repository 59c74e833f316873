import { asPhoto } from "../as-photo";
import { ask } from "../ask";
import { isServerReached } from "../is-server-reached";
import { forgetUnsentPhoto, keepUnsentPhoto, unsentPhotos } from "./unsent-photos";

const photoOf = (outingId: string): string => `/api/outings/${outingId}/note/photo`;

const send = (outingId: string, photo: Blob): Promise<unknown> => ask(photoOf(outingId), "PUT", photo);

/**
 * Keeps a picture with a note; without a network in the browser, until the note has been sent.
 * @param isNoteSent whether the server has the note that it belongs to
 * @throws {Error} with a message to show, where the server refuses it or there is no room for it
 */
export async function keepNotePhoto(outingId: string, file: Blob, isNoteSent: boolean): Promise<"sent" | "kept"> {
  const photo = await asPhoto(file);
  if (isNoteSent) {
    try {
      await send(outingId, photo);
      await forgetUnsentPhoto(outingId);
      return "sent";
    } catch (error) {
      if (await isServerReached()) throw error;
    }
  }
  await keepUnsentPhoto(outingId, photo);
  return "kept";
}

/** Sends pictures whose notes the server has. @param unsentNotes outings whose notes it does not have yet */
export async function sendUnsentPhotos(unsentNotes: readonly string[]): Promise<void> {
  for (const [outingId, photo] of await unsentPhotos()) {
    if (unsentNotes.includes(outingId)) continue;
    try {
      await send(outingId, photo);
    } catch {
      if (!(await isServerReached())) return; // another time
    }
    await forgetUnsentPhoto(outingId);
  }
}

/** @throws {Error} with a message to show */
export async function removeNotePhoto(outingId: string, isSent: boolean): Promise<void> {
  await forgetUnsentPhoto(outingId);
  if (isSent) await ask(photoOf(outingId), "DELETE");
}

/** Where the picture is; another one has another address, so that no browser shows the one before. */
export const notePhotoAddress = (outingId: string, change: number): string => `${photoOf(outingId)}?change=${change}`;
