import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import { outfitOf, wornOutfit, type OutfitPiece, type OutfitsView } from "@/formats/wire/outfit";
import type { OutingView } from "@/formats/wire/outing-view";
import { viewToOuting } from "@/formats/wire/view-to-outing";
import { workerFor } from "@/workers/simulate-client";
import { ask } from "./ask";
import { $view } from "./day-sheet";
import { editContent } from "./edits";

/** Outfits of the person on the sheet; `null` until they are fetched. */
export const $outfits = atom<OutfitsView | null>(null);

/** Fetches them anew. @throws {Error} with a message to show */
export async function fetchOutfits(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const before = encodeURIComponent(view.startsAt);
  $outfits.set(await ask<OutfitsView>(`/api/people/${view.person.id}/outfits?before=${before}`));
}

/** What an outfit comes to on the sheet: minutes still (`null` longer than is looked at) and mass, where all of it is known. */
export type OutfitWorth = { readonly minutes: number | null; readonly massG: number | null };

/** Works an outfit out in the sheet's weather, place and phases. */
export async function worthOf(view: OutingView, pieces: readonly OutfitPiece[]): Promise<OutfitWorth | null> {
  const worn = { ...view, wearings: wornOutfit(view, pieces).wearings };
  const answer = await workerFor("answer").simulate(viewToOuting(worn));
  if (!answer.ok) return null;
  const { verdict } = answer.result.sits[0]!;
  const masses = [...new Set(pieces.map(({ pieceId }) => pieceId))].map(
    (id) => view.kit.find((piece) => piece.id === id)?.massG ?? null,
  );
  return {
    minutes: verdict.kind === "longerThan" ? null : verdict.kind === "ends" ? verdict.minutesStill : 0,
    massG: masses.includes(null) ? null : masses.reduce<number>((total, mass) => total + mass!, 0),
  };
}

/** Wears an outfit instead of what the sheet has; one edit, to be undone like any. @returns pieces the kit no longer holds */
export function wearOutfit(name: string, pieces: readonly OutfitPiece[]): number {
  const view = $view.get();
  if (!view) return 0;
  const { wearings, missing } = wornOutfit(view, pieces);
  editContent(`wear ${name}`, { wearings });
  return missing;
}

/** Keeps what is worn in the middle of the sit under a name. @throws {Error} with a message to show */
export async function keepWorn(name: string): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const wearings = outfitOf(view);
  if (wearings.length === 0) throw new Error("Nothing is worn in the middle of the sit: there is nothing to keep.");
  await ask(`/api/people/${view.person.id}/outfits`, "POST", { id: uuid(), name, wearings });
  await fetchOutfits();
}

/** @throws {Error} with a message to show */
export async function forgetOutfit(id: string): Promise<void> {
  await ask(`/api/outfits/${id}`, "DELETE");
  await fetchOutfits();
}
