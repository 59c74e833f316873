import { saturationPressureKPa } from "../body";
import { bisect } from "../numeric";

const PERCENT = 100;
const COLDEST_C = -60;
const WARMEST_C = 60;
const WITHIN_K = 0.01;
/** Breath as it leaves, saturated, °C (ISO 11079 expired air at a cold day; assumption for a lens near the face). */
const BREATH_C = 29;
/** Share of breath in the air before a lens: a face cloth sends it up, bare it goes down and away (assumption). */
export const BREATH_SHARE = { faceCovered: 0.25, faceBare: 0.05 } as const;

/** Dew point of air, °C. @source inverse of the Antoine equation the model uses */
export const dewPointC = (vapourKPa: number): number =>
  bisect((atC) => saturationPressureKPa(atC) - vapourKPa, COLDEST_C, WARMEST_C, WITHIN_K);

/** Whether a lens fogs in the air before it, and by how much it would have to be warmer. */
export type FogAnswer = { readonly dewPointC: number; readonly fogs: boolean; readonly warmerByK: number };

/**
 * Goggles or an eyepiece near the face: fogged where the glass is colder than the dew point of air mixed with breath.
 * @param glassC temperature of the glass; a thing that has taken the outside temperature has that of the air
 */
export function fog(
  airTemperatureC: number,
  relativeHumidityPercent: number,
  glassC: number,
  face: keyof typeof BREATH_SHARE,
): FogAnswer {
  const share = BREATH_SHARE[face];
  const airKPa = (saturationPressureKPa(airTemperatureC) * relativeHumidityPercent) / PERCENT;
  const dewC = dewPointC(airKPa + share * (saturationPressureKPa(BREATH_C) - airKPa));
  return { dewPointC: dewC, fogs: glassC < dewC, warmerByK: Math.max(0, dewC - glassC) };
}
