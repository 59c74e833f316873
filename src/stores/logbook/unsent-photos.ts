import { createStore, del, entries, get, set, type UseStore } from "idb-keyval";

// Pictures of sits that the server does not have yet, by their outing: kept in the browser as they will be sent.

let opened: UseStore | undefined;
/** Opened with the first use: the server draws the same modules and has no such store. */
const photos = (): UseStore => (opened ??= createStore("umiak-photos", "unsent"));

/** @throws where the browser's store is full or barred */
export const keepUnsentPhoto = (outingId: string, photo: Blob): Promise<void> => set(outingId, photo, photos());

/** `undefined`: none, or the browser's store is barred. */
export const unsentPhoto = (outingId: string): Promise<Blob | undefined> =>
  get<Blob>(outingId, photos()).catch(() => undefined);

export const forgetUnsentPhoto = (outingId: string): Promise<void> => del(outingId, photos()).catch(() => undefined);

export const unsentPhotos = (): Promise<readonly (readonly [outingId: string, photo: Blob])[]> =>
  entries<string, Blob>(photos()).catch(() => []);
