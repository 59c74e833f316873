import { bodyParameters, type BodyPerson } from "../body";
import { PACE, walkingPaceMPerS, type PaceKind } from "../effort";
import type { WalkIn } from "./outing";

const SECONDS_PER_MINUTE = 60;
const PERCENT = 100;

/**
 * Minutes a way takes a person at a pace, with its load, climb and snow; out is the same way back.
 * @returns whole minutes, at least 1
 */
export function walkMinutes(walkIn: WalkIn, person: BodyPerson, pace: PaceKind, direction: "in" | "out"): number {
  const { distanceM, climbM, ...rest } = walkIn;
  const upM = direction === "in" ? climbM : -climbM;
  const heatW = PACE[pace] * bodyParameters(person).basalHeatW;
  const speed = walkingPaceMPerS({ ...rest, slopePercent: (upM / distanceM) * PERCENT }, person.massKg, heatW);
  return Math.max(1, Math.round(distanceM / speed / SECONDS_PER_MINUTE));
}
