import type { SeasonHabit } from "@/core/season";
import { readKeptHabit, writtenHabit } from "@/formats/season/kept-habit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { plannedMinutesOf } from "../reach/reach";

const KEPT_AS = "umiak-season-habit";

/** Mornings of two days a week from autumn to spring: what stands there before anybody says otherwise (assumption). */
const USUAL: Omit<SeasonHabit, "wantedMinutes"> = {
  weekdays: [0, 6],
  from: { month: 11, day: 1 },
  to: { month: 3, day: 31 },
  begins: { by: "sunrise", minutes: -45 },
};

/** The habit as it was last said in this browser, else a usual one; hours wanted are those of the plan. */
export function keptHabit(view: OutingView, storage: Pick<Storage, "getItem"> | null): SeasonHabit {
  const usual = { ...USUAL, wantedMinutes: plannedMinutesOf(view) };
  let kept: string | null = null;
  try {
    kept = storage?.getItem(KEPT_AS) ?? null;
  } catch {
    // Some settings bar it: the usual one stands.
  }
  return readKeptHabit(kept) ?? usual;
}

export function keepHabit(habit: SeasonHabit, storage: Pick<Storage, "setItem">): void {
  try {
    storage.setItem(KEPT_AS, writtenHabit(habit));
  } catch {
    // Full or barred: it is only not there next time.
  }
}
