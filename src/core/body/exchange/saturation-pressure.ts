import { exponential } from "../../numeric";

/** Of the Antoine equation of ASHRAE Fundamentals, as JOS-3 uses it. */
const ANTOINE_A = 16.6536;
const ANTOINE_B_K = 4030.183;
const ANTOINE_C_K = 235;

/**
 * Saturation pressure of water vapour, kPa, over the air temperatures of the outdoors.
 * @param temperatureC °C, −60…60
 * @source Antoine equation of ASHRAE Fundamentals, as JOS-3 uses it
 */
export const saturationPressureKPa = (temperatureC: number): number =>
  exponential(ANTOINE_A - ANTOINE_B_K / (temperatureC + ANTOINE_C_K));

/** How saturation pressure rises with temperature, kPa/K: its derivative. @param pressureKPa saturation pressure there */
export const saturationSlopeKPaPerK = (temperatureC: number, pressureKPa: number): number =>
  (pressureKPa * ANTOINE_B_K) / (temperatureC + ANTOINE_C_K) ** 2;
