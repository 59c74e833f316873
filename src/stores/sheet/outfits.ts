import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import { outfitOf, wornOutfit, type OutfitPiece, type OutfitsView } from "@/formats/wire/kit/outfit";
import { ask } from "../ask";
import { $view } from "./day-sheet";
import { tell } from "../told";
import { undo } from "./editing";
import { editContent } from "./edits";

/** Outfits of the person on the sheet; `null` until they are fetched. */
export const $outfits = atom<OutfitsView | null>(null);

/** Fetches them again. @throws {Error} with a message to show */
export async function fetchOutfits(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const before = encodeURIComponent(view.startsAt);
  $outfits.set(await ask<OutfitsView>(`/api/people/${view.person.id}/outfits?before=${before}`));
}

/** Wears an outfit instead of what the sheet has; one edit, to be undone like any. @returns pieces the kit no longer holds */
export function wearOutfit(name: string, pieces: readonly OutfitPiece[]): number {
  const view = $view.get();
  if (!view) return 0;
  const { wearings, missing } = wornOutfit(view, pieces);
  editContent(m.wear2({ words: name }), { wearings });
  tell(m.dressedAsIn({ name }), undo);
  return missing;
}

/** Keeps what is worn in the middle of the sit under a name. @throws {Error} with a message to show */
export async function keepWorn(name: string): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const wearings = outfitOf(view);
  if (wearings.length === 0) throw new Error(m.nothingIsWornInTheMiddle);
  await ask(`/api/people/${view.person.id}/outfits`, "POST", { id: uuid(), name, wearings });
  await fetchOutfits();
}

/** @throws {Error} with a message to show */
export async function removeOutfit(id: string): Promise<void> {
  await ask(`/api/outfits/${id}`, "DELETE");
  await fetchOutfits();
}
