import { createStore, del, get, set, type UseStore } from "idb-keyval";
import type { TripView } from "@/formats/wire/trips/trip-view";

// Trips as they were edited where the server does not have that yet, by their id.

let opened: UseStore | undefined;
/** Opened with the first use: the server draws the same modules and has no such store. */
const trips = (): UseStore => (opened ??= createStore("umiak-trips", "unsaved"));

/** Where the browser's store is full or barred the page itself still has it. */
export const keepUnsavedTrip = (trip: TripView): Promise<void> => set(trip.id, trip, trips()).catch(() => undefined);

/** `undefined`: none, or the browser's store is barred. */
export const unsavedTrip = (id: string): Promise<TripView | undefined> =>
  get<TripView>(id, trips()).catch(() => undefined);

export const forgetUnsavedTrip = (id: string): Promise<void> => del(id, trips()).catch(() => undefined);
