import { asPhoto } from "../as-photo";
import { ask } from "../ask";

const photoOf = (outingId: string): string => `/api/outings/${outingId}/note/photo`;

/** Keeps a picture with a note. @throws {Error} with a message to show */
export const keepNotePhoto = async (outingId: string, file: Blob): Promise<unknown> =>
  ask(photoOf(outingId), "PUT", await asPhoto(file));

/** @throws {Error} with a message to show */
export const removeNotePhoto = (outingId: string): Promise<unknown> => ask(photoOf(outingId), "DELETE");

/** Where the picture is; another one has another address, so that no browser shows the one before. */
export const notePhotoAddress = (outingId: string, change: number): string => `${photoOf(outingId)}?change=${change}`;
