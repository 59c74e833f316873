import { KELVIN_AT_ZERO_C, STEFAN_BOLTZMANN_W_PER_M2K4 } from "../units";

// Brunt's coefficients for clear sky, vapour pressure in hPa.
export const BRUNT_CONSTANT = 0.52;
export const BRUNT_PER_ROOT_HPA = 0.065;
/** Share of the gap to a black sky that full cloud closes. */
export const CLOUD_CLOSES = 0.84;
const HPA_PER_KPA = 10;

/**
 * Emissivity of the sky seen from the ground.
 * @param vapourPressureKPa of the air, kPa
 * @param cloudShare 0 (clear) … 1 (overcast)
 * @source Brunt 1932 (clear); Unsworth & Monteith 1975 (cloud); coefficients from memory
 */
export function skyEmissivity(vapourPressureKPa: number, cloudShare: number): number {
  const clear = BRUNT_CONSTANT + BRUNT_PER_ROOT_HPA * Math.sqrt(HPA_PER_KPA * vapourPressureKPa);
  const closed = CLOUD_CLOSES * cloudShare;
  return clear * (1 - closed) + closed;
}

/** Black-body radiation, W/m². */
export const emittedWPerM2 = (temperatureC: number): number =>
  STEFAN_BOLTZMANN_W_PER_M2K4 * (temperatureC + KELVIN_AT_ZERO_C) ** 4;

/** Temperature of a black surrounding that radiates so much, °C. */
export const radiantTemperatureOfC = (wPerM2: number): number =>
  (wPerM2 / STEFAN_BOLTZMANN_W_PER_M2K4) ** 0.25 - KELVIN_AT_ZERO_C;

/** Exchange of a snow surface with the air, W/(m²·K): in still air, and by wind (assumption). */
export const SNOW_STILL_W_PER_M2K = 3;
export const SNOW_PER_WIND_W_S_PER_M3K = 4;
export const RADIATION_W_PER_M2K_AT_FROST = 4.3;

/**
 * Temperature of a snow surface, °C: the air's, less what a clear sky draws; never above 0.
 * @param skyShare share of the sky that the place sees, 0…1
 * @source energy balance of a surface that gains no heat from below (any text on micrometeorology)
 */
export function snowSurfaceC(airTemperatureC: number, emissivity: number, skyShare: number, windMPerS: number): number {
  const deficitWPerM2 = skyShare * (1 - emissivity) * emittedWPerM2(airTemperatureC);
  const exchange = SNOW_STILL_W_PER_M2K + SNOW_PER_WIND_W_S_PER_M3K * windMPerS + RADIATION_W_PER_M2K_AT_FROST;
  return Math.min(0, airTemperatureC - deficitWPerM2 / exchange);
}
