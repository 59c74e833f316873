import type { HeadChanged, OutingHeadChange } from "@/formats/wire/outing/head-schema";
import type { PersonView } from "@/formats/wire/people/person-view";
import type { PlaceView } from "@/formats/wire/places/place-view";
import { ask } from "./ask";

/** Gives an outing another name, day, place or sitter, and opens it again. @throws {Error} with a message to show */
export async function changeHead(outingId: string, change: OutingHeadChange): Promise<void> {
  const { leftOff } = await ask<HeadChanged>(`/api/outings/${outingId}/head`, "PUT", change);
  window.location.assign(`/outings/${outingId}${leftOff > 0 ? `?leftOff=${leftOff}` : ""}`);
}

/** Takes an outing off the list and goes there, where it can be had back. @throws {Error} with a message to show */
export async function removeOuting(outingId: string): Promise<void> {
  await ask(`/api/outings/${outingId}`, "DELETE");
  window.location.assign(`/?removed=${outingId}`);
}

/** Has a removed outing back and opens it. @throws {Error} with a message to show */
export async function haveBack(outingId: string): Promise<void> {
  await ask(`/api/outings/${outingId}/back`, "POST", {});
  window.location.assign(`/outings/${outingId}`);
}

/** Who and where an outing can be moved to. @throws {Error} with a message to show */
export async function fetchPeopleAndPlaces(): Promise<{
  readonly people: readonly PersonView[];
  readonly places: readonly PlaceView[];
}> {
  const [people, places] = await Promise.all([
    ask<readonly PersonView[]>("/api/people"),
    ask<readonly PlaceView[]>("/api/places"),
  ]);
  return { people, places };
}
