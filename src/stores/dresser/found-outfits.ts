import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import type { DresserAnswer, DresserProblem } from "@/core/dresser";
import { wearingsFound } from "@/formats/wire/kit/dresser-kit";
import type { OutingView, WearingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { outfitName } from "@/formats/display/words/dresser-words";
import { workerFor } from "@/workers/simulate-client";
import { $view } from "../sheet/day-sheet";
import { undo } from "../sheet/editing";
import { editContent } from "../sheet/edits";
import { $trial } from "../sheet/trying";
import { tell } from "../told";
import { foundKey } from "./has-found-outfits";

// What the dresser found is kept with the tab, so that the day sheet can show each outfit beside what is worn.

/** An outfit found, as a sheet keeps it. */
export type FoundOutfit = { readonly name: string; readonly wearings: readonly Omit<WearingView, "id">[] };
export const $found = atom<readonly FoundOutfit[]>([]);

/** Marks a trial as one of these: no change of the plan's list is called so. */
const TRIAL = "found ";

/** Keeps what was found for the day sheet of the outing; outfits with pieces that are not owned are left out. */
export function keepFound(view: OutingView, problem: DresserProblem, { outfits }: DresserAnswer): void {
  const owned = new Set(view.kit.map(({ id }) => id));
  const found = outfits
    .map((outfit, turn): FoundOutfit => ({
      name: outfitName(outfit, turn),
      wearings: wearingsFound(problem, outfit.code),
    }))
    .filter(({ wearings }) => wearings.every(({ pieceId }) => owned.has(pieceId)));
  try {
    sessionStorage.setItem(foundKey(view.id), JSON.stringify(found));
  } catch {
    // Without room the sheet shows nothing beside: what was found stands on the dresser's page.
  }
}

/** Takes up what was found for an outing; what the kit no longer holds is left out. */
export function takeUpFound(): void {
  const view = $view.get();
  if (!view) return;
  const kit = new Set(view.kit.map(({ id }) => id));
  try {
    const found = JSON.parse(sessionStorage.getItem(foundKey(view.id)) ?? "[]") as readonly FoundOutfit[];
    $found.set(found.filter(({ wearings }) => wearings.every(({ pieceId }) => kit.has(pieceId))));
  } catch {
    $found.set([]);
  }
}

export function forgetFound(outingId: string): void {
  sessionStorage.removeItem(foundKey(outingId));
  $found.set([]);
  $trial.set(null);
}

const wornIn = (view: OutingView, { wearings }: FoundOutfit): OutingView => ({
  ...view,
  wearings: wearings.map((wearing) => ({ ...wearing, id: uuid() })),
});

/** Shows an outfit's curves beside what is worn. */
export async function pointAt(outfit: FoundOutfit): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const changed = viewToOuting(wornIn(view, outfit));
  const answer = await workerFor("answer").simulate(changed);
  if (!answer.ok || $view.get() !== view) return;
  $trial.set({ changeId: TRIAL + outfit.name, result: answer.result, changed, canBeKept: false });
}

export const pointAway = (): void => {
  if ($trial.get()?.changeId.startsWith(TRIAL)) $trial.set(null);
};

/** Wears an outfit: one command. */
export function wearFound(outfit: FoundOutfit): void {
  const view = $view.get();
  if (!view) return;
  pointAway();
  editContent(m.wearWhatTheDresserFound, { wearings: wornIn(view, outfit).wearings });
  tell(m.dressedAsIn({ name: outfit.name }), undo);
}
