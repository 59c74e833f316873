import type { OutingResult } from "@/core/simulation";
import type { ShownHeadline } from "@/stores/answer/headline";

/** The minute read out: chosen, else the one at which the sit ends. */
export function minuteShown(result: OutingResult | null, shown: ShownHeadline | null, chosen: number | null): number {
  const sit = result?.sits[result.decidingSit];
  if (!result || !sit) return chosen ?? 0;
  const ended = shown && shown.headline.kind !== "longerThan" ? shown.headline.minutes : 0;
  // Beyond the plan nothing is drawn: there the state is that at the end of the sit, not of the way out.
  return Math.min(chosen ?? Math.min(sit.fromMinute + ended, sit.toMinute), result.series.minutes);
}
