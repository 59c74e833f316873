import { minutesBefore } from "./minutes";
import type { Phase } from "./outing";

/** When the way in is over and big layers go on: the start of the first phase that is no walk in, min from the start. */
export function atSeatFromMinute(phases: readonly Phase[]): number {
  const first = phases.findIndex(({ kind }) => kind !== "walkIn");
  return minutesBefore(phases, Math.max(first, 0));
}
