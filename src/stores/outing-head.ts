import type { HeadChanged, OutingHeadChange } from "@/formats/wire/outing/head-schema";
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
  readonly people: readonly { readonly id: string; readonly name: string; readonly retired: boolean }[];
  readonly places: readonly { readonly id: string; readonly name: string; readonly retired: boolean }[];
}> {
  const [people, places] = await Promise.all([
    ask<Awaited<ReturnType<typeof fetchPeopleAndPlaces>>["people"]>("/api/people"),
    ask<Awaited<ReturnType<typeof fetchPeopleAndPlaces>>["places"]>("/api/places"),
  ]);
  return { people, places };
}
