import { bisect } from "../numeric";
import { walkingHeatW, WALK_RANGE, type Walk } from "./walking";

/** Nobody walks slower and arrives, nobody walks faster with a pack (assumption), m/s. */
export const SLOWEST_M_PER_S = 0.15;
export const FASTEST_M_PER_S = 1.5;
const TOLERANCE_M_PER_S = 1e-4;
/** Heat over basal of an unhurried pace with a pack, and of a brisk one that asks for thin clothes (assumptions). */
export const PACE = { easy: 4, brisk: 5.5 } as const;
export type PaceKind = keyof typeof PACE;

/**
 * Pace at which a walk makes so much heat: load, slope and snow slow it down.
 * @param heatW wanted, W
 * @returns m/s, never slower than one arrives and never faster than one walks with a pack
 * @source the walking formulas of `walkingHeatW`, solved for the speed
 */
export function walkingPaceMPerS(walk: Omit<Walk, "speedMPerS">, massKg: number, heatW: number): number {
  const [steepestDown, steepestUp] = WALK_RANGE.slopePercent;
  const slopePercent = Math.min(steepestUp, Math.max(steepestDown, walk.slopePercent));
  const tooMuch = (speedMPerS: number): number => walkingHeatW({ ...walk, slopePercent, speedMPerS }, massKg) - heatW;
  if (tooMuch(SLOWEST_M_PER_S) >= 0) return SLOWEST_M_PER_S;
  if (tooMuch(FASTEST_M_PER_S) <= 0) return FASTEST_M_PER_S;
  return bisect(tooMuch, SLOWEST_M_PER_S, FASTEST_M_PER_S, TOLERANCE_M_PER_S);
}
