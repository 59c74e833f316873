import * as m from "@/messages";
import { isInRange, type Range } from "../errors";
import { applies, notApplicable, type StandardAnswer } from "./answer";

/** Where the index of 2001 was made for. */
export const WIND_CHILL_RANGE = { airTemperatureC: [-50, 10], windKmh: [5, 100] } as const satisfies Record<
  string,
  Range
>;

/**
 * Wind chill index of 2001, °C: the air temperature at walking pace that cools a bare face as fast.
 * @param airTemperatureC °C, −50…10
 * @param windKmh wind at 10 m, km/h, 5…100
 * @source Environment Canada and US National Weather Service 2001; Osczevski & Bluestein 2005,
 * doi:10.1175/BAMS-86-10-1453
 * @example windChillIndexC(-10, 30) // applies, about −19.5
 */
export function windChillIndexC(airTemperatureC: number, windKmh: number): StandardAnswer<number> {
  if (!isInRange(airTemperatureC, WIND_CHILL_RANGE.airTemperatureC)) return notApplicable(m.madeForAirOf5010);
  if (!isInRange(windKmh, WIND_CHILL_RANGE.windKmh)) return notApplicable(m.madeForWindOf5100);
  const windTerm = windKmh ** 0.16;
  return applies(13.12 + 0.6215 * airTemperatureC + (0.3965 * airTemperatureC - 11.37) * windTerm);
}

const W_PER_M2_PER_KCAL_PER_M2H = 1.163; // exact for the thermochemical kilocalorie to four figures
const SKIN_C = 33;

/**
 * Heat loss of a bare surface at 33 °C, W/m².
 * @param windMPerS m/s, 0…25; the parabola falls beyond
 * @source Siple & Passel 1945, in kcal/(m²·h)
 */
export const siplePasselWPerM2 = (airTemperatureC: number, windMPerS: number): number =>
  (10.45 + 10 * Math.sqrt(windMPerS) - windMPerS) * (SKIN_C - airTemperatureC) * W_PER_M2_PER_KCAL_PER_M2H;

/** Hazard of the index as the public is told it. */
export type WindChillHazard =
  "low" | "uncomfortable" | "frostbiteIn10To30" | "frostbiteIn5To10" | "frostbiteIn2To5" | "frostbiteUnder2";

/** @source Environment Canada's public table (from memory: shown, never decided upon) */
export function windChillHazard(indexC: number): WindChillHazard {
  if (indexC <= -55) return "frostbiteUnder2";
  if (indexC <= -48) return "frostbiteIn2To5";
  if (indexC <= -40) return "frostbiteIn5To10";
  if (indexC <= -28) return "frostbiteIn10To30";
  return indexC <= -10 ? "uncomfortable" : "low";
}

const FROSTBITE_WIND_ABOVE_KMH = 25;
const FROSTBITE_BELOW_C = -15;
const FROSTBITE_MINUTES: Range = [2, 30];

/**
 * Minutes until a bare cheek may freeze.
 * @source Osczevski & Bluestein 2005 as printed in public guidance (from memory: shown, never decided upon)
 */
export function frostbiteMinutes(airTemperatureC: number, windKmh: number): StandardAnswer<number> {
  if (windKmh <= FROSTBITE_WIND_ABOVE_KMH) return notApplicable(m.madeForWindAbove25Km);
  if (airTemperatureC >= FROSTBITE_BELOW_C) return notApplicable(m.madeForAirBelow15C);
  const minutes = (-24.5 * (0.667 * windKmh + 4.8) + 2111) * (-4.8 - airTemperatureC) ** -1.668;
  return isInRange(minutes, FROSTBITE_MINUTES) ? applies(minutes) : notApplicable(m.madeFor230Minutes);
}
