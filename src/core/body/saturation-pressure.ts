import { exponential } from "../numeric";

/**
 * Saturation pressure of water vapour, kPa, over the air temperatures of the outdoors.
 * @param temperatureC °C, −60…60
 * @source Antoine equation of ASHRAE Fundamentals, as JOS-3 uses it
 */
export const saturationPressureKPa = (temperatureC: number): number =>
  exponential(16.6536 - 4030.183 / (temperatureC + 235));
