import { assertInRange, type Range } from "../errors";
import { driesFromOneSideGPerM2H, HUNG_SIDES } from "../water";

/** How a piece is hung to dry: from how many sides air comes to it, and how well (assumptions). */
export const DRYING_SIDES = {
  hung: HUNG_SIDES,
  /** A liner or footbed pulled out. */
  pulledOut: 2,
  /** A boot or mitt whose liner stays in dries from inside alone, where the air hardly moves. */
  fixed: 0.35,
  /** In a pack or a stuff sack. */
  packed: 0,
} as const;
export type DryingWay = keyof typeof DRYING_SIDES;
const DRYING_RANGE = {
  roomC: [-10, 40],
  relativeHumidityPercent: [5, 95],
  waterGPerM2: [0, 5000],
} as const satisfies Record<string, Range>;

/**
 * Hours until so much water has dried; `null` where it does not dry at all.
 * @param waterGPerM2 over the area it covers, from one side counted once
 * @throws {CoreError} `out-of-range` for room, humidity or water
 * @source `driesFromOneSideGPerM2H`; sides are assumptions
 */
export function hoursToDry(
  waterGPerM2: number,
  way: DryingWay,
  roomC: number,
  relativeHumidityPercent: number,
): number | null {
  assertInRange("roomC", roomC, DRYING_RANGE.roomC);
  assertInRange("relativeHumidityPercent", relativeHumidityPercent, DRYING_RANGE.relativeHumidityPercent);
  assertInRange("waterGPerM2", waterGPerM2, DRYING_RANGE.waterGPerM2);
  const sides = DRYING_SIDES[way];
  if (waterGPerM2 <= 0) return 0;
  const gPerM2H = sides * driesFromOneSideGPerM2H(roomC, relativeHumidityPercent);
  return gPerM2H > 0 ? waterGPerM2 / gPerM2H : null;
}
