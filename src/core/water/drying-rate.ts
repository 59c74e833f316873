import { saturationPressureKPa } from "../body";
import { bisect } from "../numeric";
import { LEWIS_K_PER_KPA, SECONDS_PER_HOUR } from "../units";
import { LATENT_J_PER_G } from "./water-properties";

const PERCENT = 100;
/** Still air along cloth hung up, and the radiation that warms it too, W/(m²·K) (usual textbook values). */
const STILL_AIR_WPER_M2K = 3.5;
const RADIATION_W_PER_M2K = 4.8;
const WITHIN_K = 0.01;
/** No wet cloth is colder against its surroundings: what the search looks through. */
const MOST_BELOW_AIR_K = 40;
/** Air comes to cloth hung up from two sides. */
export const HUNG_SIDES = 2;

/** Temperature a wet cloth takes in still air, °C: heat from air and walls is what evaporation takes. */
export function wetClothC(airC: number, relativeHumidityPercent: number): number {
  const airKPa = (saturationPressureKPa(airC) * relativeHumidityPercent) / PERCENT;
  const outOfBalance = (clothC: number): number =>
    (STILL_AIR_WPER_M2K + RADIATION_W_PER_M2K) * (airC - clothC) -
    LEWIS_K_PER_KPA * STILL_AIR_WPER_M2K * (saturationPressureKPa(clothC) - airKPa);
  return bisect(outOfBalance, airC - MOST_BELOW_AIR_K, airC, WITHIN_K);
}

/**
 * What a wet cloth gives off from one side, g/(m²·h); 0 in saturated air.
 * @param airC still air, °C
 * @source heat and vapour at a wet surface by the Lewis relation (ASHRAE Fundamentals)
 */
export function driesFromOneSideGPerM2H(airC: number, relativeHumidityPercent: number): number {
  const heat = (STILL_AIR_WPER_M2K + RADIATION_W_PER_M2K) * (airC - wetClothC(airC, relativeHumidityPercent));
  return Math.max(0, (heat * SECONDS_PER_HOUR) / LATENT_J_PER_G);
}
