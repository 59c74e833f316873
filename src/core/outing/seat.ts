import { minutesBefore, totalMinutes } from "./minutes";
import type { Phase } from "./outing";
import { sitSpans } from "./sits";

/** When the way in is over and big layers go on: the start of the first phase that is no walk in, min from the start. */
export function atSeatFromMinute(phases: readonly Phase[]): number {
  const first = phases.findIndex(({ kind }) => kind !== "walkIn");
  return minutesBefore(phases, Math.max(first, 0));
}

/** Minutes from the start of the outing. */
export type Stay = { readonly fromMinute: number; readonly toMinute: number };

/** Nobody takes the parka off for a shorter walk than this, min, nor for one that is to warm up (common practice, no source). */
const CHANGED_FOR_MINUTES = 10;

/**
 * Stretches between which one changes: at the seat, from where the way in is over to where a walk to the next sit begins
 * that is worth changing for. The last lasts to the end.
 */
export function staysAtSeat(phases: readonly Phase[]): Stay[] {
  const walks = phases.flatMap(({ kind, minutes }, index) =>
    kind === "walkIn" || kind === "walkOut" ? [{ fromMinute: minutesBefore(phases, index), minutes }] : [],
  );
  const sits = sitSpans(phases);
  const stays: Stay[] = [];
  let fromMinute = atSeatFromMinute(phases);
  sits.forEach(({ toMinute }, index) => {
    const next = sits[index + 1];
    const between = walks.filter((walk) => walk.fromMinute >= toMinute && walk.fromMinute < (next?.fromMinute ?? 0));
    const last = between.at(-1);
    if (!last || between.reduce((sum, { minutes }) => sum + minutes, 0) < CHANGED_FOR_MINUTES) return;
    stays.push({ fromMinute, toMinute: between[0]!.fromMinute });
    fromMinute = last.fromMinute + last.minutes;
  });
  return [...stays, { fromMinute, toMinute: totalMinutes(phases) }];
}
