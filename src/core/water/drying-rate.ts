import { saturationPressureKPa } from "../body";
import { ORDINARY_VAPOUR_INDEX } from "../clothing";
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

/** Of the way from the middle of a wet layer outwards its water has to go on the mean of its drying (assumption). */
const MEAN_WAY_SHARE = 0.25;

/** What lies between the water in a cloth and the air: heat W/(m²·K), vapour W/(m²·kPa). */
type Between = { readonly heat: number; readonly vapour: number };

/** @param insulationM2KPerW of the whole layer, whose water comes from ever deeper */
function between(insulationM2KPerW: number): Between {
  const way = insulationM2KPerW * MEAN_WAY_SHARE;
  const vapourWay = way / (LEWIS_K_PER_KPA * ORDINARY_VAPOUR_INDEX);
  return {
    heat: 1 / (1 / (STILL_AIR_WPER_M2K + RADIATION_W_PER_M2K) + way),
    vapour: 1 / (1 / (LEWIS_K_PER_KPA * STILL_AIR_WPER_M2K) + vapourWay),
  };
}

/** Temperature a wet cloth takes in still air, °C: heat from air and walls is what evaporation takes. */
export function wetClothC(airC: number, relativeHumidityPercent: number, insulationM2KPerW = 0): number {
  const airKPa = (saturationPressureKPa(airC) * relativeHumidityPercent) / PERCENT;
  const { heat, vapour } = between(insulationM2KPerW);
  const outOfBalance = (clothC: number): number =>
    heat * (airC - clothC) - vapour * (saturationPressureKPa(clothC) - airKPa);
  return bisect(outOfBalance, airC - MOST_BELOW_AIR_K, airC, WITHIN_K);
}

/**
 * What a wet cloth gives off from one side, g/(m²·h); 0 in saturated air.
 * @param airC still air, °C
 * @param insulationM2KPerW of the cloth, m²·K/W: thick cloth dries from ever deeper
 * @source heat and vapour at a wet surface by the Lewis relation (ASHRAE Fundamentals)
 */
export function driesFromOneSideGPerM2H(airC: number, relativeHumidityPercent: number, insulationM2KPerW = 0): number {
  const clothC = wetClothC(airC, relativeHumidityPercent, insulationM2KPerW);
  const heatWPerM2 = between(insulationM2KPerW).heat * (airC - clothC);
  return Math.max(0, (heatWPerM2 * SECONDS_PER_HOUR) / LATENT_J_PER_G);
}
