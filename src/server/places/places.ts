import { createPlace, inTransaction, readPlaces, replacePlace, type Database } from "@/db";
import type { NewPlace, SavedPlace } from "@/formats/wire/places/place-schema";
import type { PlaceView } from "@/formats/wire/places/place-view";
import { savedOrRefused } from "../saved-or-refused";
import { readSetting } from "../stored/stored";

/** Every place of an owner, also retired ones, by name. */
export async function placesOf(database: Database, ownerId: string): Promise<PlaceView[]> {
  const rows = await readPlaces(database, ownerId);
  return rows.map(({ place: { id, version, name, timeZone, setting, retired }, outings }) => ({
    id,
    version,
    name,
    timeZone,
    setting: readSetting(setting, name),
    retired,
    outings,
  }));
}

export const addPlace = async (database: Database, ownerId: string, wanted: NewPlace): Promise<{ id: string }> => {
  await createPlace(database, ownerId, wanted);
  return { id: wanted.id };
};

/**
 * Keeps a place as it was edited: outings planned there keep the setting they have.
 * @throws {AppError} `not-found`, `version-conflict`
 */
export const savePlace = (
  database: Database,
  ownerId: string,
  placeId: string,
  { version, ...content }: SavedPlace,
): Promise<{ version: number }> =>
  savedOrRefused("place", placeId, () =>
    inTransaction(database, (transaction) => replacePlace(transaction, ownerId, placeId, version, content)),
  );
