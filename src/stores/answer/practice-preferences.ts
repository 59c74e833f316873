import { minutesStillOf } from "@/core/limits";
import { atom } from "nanostores";
import { withoutAvoided, type Avoided, type PracticePreferences } from "@/core/changes";
import type { PracticePreferencesChange } from "@/formats/wire/kit/practice-preferences-schema";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";
import { ask } from "../ask";
import { genericPieces } from "../bench/bench";
import { $view, show } from "../sheet/day-sheet";

/** What a plan without what is avoided comes to. */
export type AvoidedCost = {
  readonly minutes: number | null;
  readonly swaps: readonly { readonly from: string; readonly to: string | null }[];
};
export const $avoidedCost = atom<AvoidedCost | null>(null);

function putOnSheet(practicePreferences: PracticePreferences): void {
  const view = $view.get();
  if (view) $view.set({ ...view, person: { ...view.person, practicePreferences } });
}

/**
 * Keeps what the person on the sheet holds to; not an edit of the sheet. Shown at once, taken back where it is not kept.
 * @throws {Error} with a message to show
 */
export async function holdTo(change: Partial<PracticePreferences>): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const before = view.person.practicePreferences;
  const practicePreferences = { ...before, ...change };
  putOnSheet(practicePreferences);
  try {
    const change: PracticePreferencesChange = { from: before, to: practicePreferences };
    putOnSheet(await ask<PracticePreferences>(`/api/people/${view.person.id}/practice-preferences`, "PUT", change));
  } catch (error) {
    putOnSheet(before);
    throw error;
  }
}

/** Whether heat debt ends a sit of this person; the answer on screen is computed again. @throws {Error} as of `holdTo` */
export async function goByStandard(heatDebtEnds: boolean): Promise<void> {
  const kept = holdTo({ heatDebtEnds });
  const answerAgain = (): void => {
    const view = $view.get();
    if (view) show(view);
  };
  answerAgain();
  await kept.catch((error: Error) => {
    answerAgain();
    throw error;
  });
}

let round = 0;
/** Works out what avoiding costs in a plan. */
export async function askAvoidedCost(view: OutingView, avoided: readonly Avoided[]): Promise<void> {
  const own = ++round;
  const candidates = [
    ...kitOf(view).map((piece, index) => ({
      ...piece,
      isAnimalFree: view.kit[index]!.traits.isAnimalFree === true,
    })),
    ...genericPieces().map(({ piece, traits }) => ({ ...piece, isAnimalFree: traits.isAnimalFree === true })),
  ];
  const { outing, swaps } = withoutAvoided(viewToOuting(view), candidates, avoided);
  const answer = await workerFor("answer").simulate(outing);
  if (own !== round || !answer.ok) return;
  const { verdict } = answer.result.sits[answer.result.decidingSit]!;
  $avoidedCost.set({
    minutes: minutesStillOf(verdict),
    swaps: swaps.map(({ from, to }) => ({ from: from.name, to: to?.name ?? null })),
  });
}
