import type { Effort } from "../effort";
import type { WalkIn } from "./outing";

const SECONDS_PER_MINUTE = 60;
const PERCENT = 100;

/**
 * The effort of a way walked in a number of minutes.
 * @param minutes length of the phase, min, at least 1
 * @param direction `out` goes the same way back: what was up is down
 */
export function walkEffort(
  { distanceM, climbM, loadKg, terrain, snowSinkingCm, snowshoes }: WalkIn,
  minutes: number,
  direction: "in" | "out",
): Effort {
  const upM = direction === "in" ? climbM : -climbM;
  return {
    kind: "walk",
    speedMPerS: distanceM / (minutes * SECONDS_PER_MINUTE),
    slopePercent: (upM / distanceM) * PERCENT,
    loadKg,
    terrain,
    snowSinkingCm,
    snowshoes,
  };
}
