import { saturationPressureKPa } from "../body";
import { assertInRange, type Range } from "../errors";
import { bisect } from "../numeric";
import { LEWIS_K_PER_KPA, SECONDS_PER_HOUR } from "../units";
import { LATENT_J_PER_G } from "../water";

const PERCENT = 100;
/** Still air of a room along cloth hung up, and the radiation that warms it too, W/(m²·K) (usual textbook values). */
const STILL_AIR_WPER_M2K = 3.5;
const RADIATION_W_PER_M2K = 4.8;
const WITHIN_K = 0.01;
/** No wet cloth is colder against its room: what the search looks through. */
const MOST_BELOW_ROOM_K = 40;

/** How a piece is hung to dry: from how many sides air comes to it, and how well (assumptions). */
export const DRYING_SIDES = {
  hung: 2,
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

/** Temperature a wet cloth takes in a room, °C: heat from air and walls is what evaporation takes. */
export function wetClothC(roomC: number, relativeHumidityPercent: number): number {
  const airKPa = (saturationPressureKPa(roomC) * relativeHumidityPercent) / PERCENT;
  const outOfBalance = (clothC: number): number =>
    (STILL_AIR_WPER_M2K + RADIATION_W_PER_M2K) * (roomC - clothC) -
    LEWIS_K_PER_KPA * STILL_AIR_WPER_M2K * (saturationPressureKPa(clothC) - airKPa);
  return bisect(outOfBalance, roomC - MOST_BELOW_ROOM_K, roomC, WITHIN_K);
}

/**
 * Hours until so much water has dried; `null` where it does not dry at all.
 * @param waterGPerM2 over the area it covers, from one side counted once
 * @throws {CoreError} `out-of-range` for room, humidity or water
 * @source heat and vapour at a wet surface by the Lewis relation (ASHRAE Fundamentals); sides are assumptions
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
  const heat = (STILL_AIR_WPER_M2K + RADIATION_W_PER_M2K) * (roomC - wetClothC(roomC, relativeHumidityPercent));
  const gPerM2H = (sides * heat * SECONDS_PER_HOUR) / LATENT_J_PER_G;
  return gPerM2H > 0 ? waterGPerM2 / gPerM2H : null;
}
