import type { OutingResult } from "@/core/outing";

/** The minute read out: chosen, else the one at which the sit ends. */
export function minuteShown(result: OutingResult | null, chosen: number | null): number {
  const sit = result?.sits[result.decidingSit];
  if (!result || !sit) return chosen ?? 0;
  const crossing = sit.verdict.kind === "longerThan" ? 0 : sit.verdict.crossing.minute;
  return Math.min(chosen ?? sit.fromMinute + crossing, result.series.minutes);
}
