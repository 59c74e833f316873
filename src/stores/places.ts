import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import type { Position } from "@/formats/position/read-position";
import type { ForecastView } from "@/formats/wire/evening/forecast-view";
import type { PlaceContent, PlaceView } from "@/formats/wire/places/place-view";
import { ask } from "./ask";

/** Every place, as the page lists them. */
export const $places = atom<readonly PlaceView[]>([]);

const put = (id: string, change: Partial<PlaceView>): void =>
  $places.set($places.get().map((place) => (place.id === id ? { ...place, ...change } : place)));

/** Adds a place. @returns its id @throws {Error} with a message to show */
export async function addPlace(content: PlaceContent): Promise<string> {
  const id = uuid();
  await ask("/api/places", "POST", { id, ...content });
  $places.set([...$places.get(), { id, version: 1, ...content, retired: false, outings: 0 }]);
  return id;
}

async function save(place: PlaceView, change: Partial<PlaceContent> & { readonly retired?: boolean }): Promise<void> {
  const { id, version, name, timeZone, setting, retired } = place;
  const content = { name, timeZone, setting, retired, ...change };
  const saved = await ask<{ version: number }>(`/api/places/${id}`, "PUT", { version, ...content });
  put(id, { ...content, ...saved });
}

/** Keeps a place as edited; outings that were planned there stay as they are. @throws {Error} with a message to show */
export const savePlace = (place: PlaceView, content: PlaceContent): Promise<void> => save(place, content);

/** No longer offers a place, or offers it again. @throws {Error} with a message to show */
export const retirePlace = (place: PlaceView, retired: boolean): Promise<void> => save(place, { retired });

/** The name of the clock that is kept at a point on earth; at sea that of its meridian. */
export async function zoneAt({ latitudeDeg, longitudeDeg }: Position): Promise<string> {
  const { default: zoneOf } = await import("@photostructure/tz-lookup");
  return zoneOf(latitudeDeg, longitudeDeg);
}

/** What the service says of a point on earth. @throws {Error} with a message to show */
export const fetchForecast = (
  { latitudeDeg, longitudeDeg }: Position,
  startsAt: string,
  hours: number,
): Promise<ForecastView> =>
  ask<ForecastView>(
    `/api/forecast?${new URLSearchParams({ latitude: String(latitudeDeg), longitude: String(longitudeDeg), from: startsAt, hours: String(hours) })}`,
  );
