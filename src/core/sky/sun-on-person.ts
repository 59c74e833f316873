import { clearSkyWPerM2 } from "../sun";

const DEGREES_TO_RADIANS = Math.PI / 180;
/** Absorption of sunlight by skin and ordinary clothing (assumption; 0.7 is the usual convention). */
export const ABSORPTIVITY = 0.7;
/** Albedo of lying snow, and of bare ground (assumption). */
export const ALBEDO = { snow: 0.8, bare: 0.2 } as const;
/** How cloud dims the sun: 1 − 0.75·c^3.4. @source Kasten & Czeplak 1980 (from memory) */
export const CLOUD_DIMS = 0.75;
export const CLOUD_EXPONENT = 3.4;
/** Diffuse share under a clear sky; all is diffuse under full cloud. @source Kasten & Czeplak 1980 (from memory) */
export const CLEAR_DIFFUSE_SHARE = 0.3;
/** The beam on a surface facing the sun is held to this, W/m²: low suns would otherwise divide by nothing. */
const MOST_BEAM_WPERM2 = 1000;

/**
 * Share of the body's surface that the beam sees, of a rotationally symmetric person.
 * @source Jendritzky et al. 1990 after Fanger 1970 (from memory)
 */
export function projectedAreaShare(elevationDeg: number): number {
  const height = Math.max(0, elevationDeg);
  return 0.308 * Math.cos(DEGREES_TO_RADIANS * height * (0.998 - height ** 2 / 50_000));
}

/**
 * Sunlight absorbed by a person, W per m² of body surface.
 * @param elevationDeg of the sun
 * @param skyShare share of the sky the place sees: shade takes beam and diffuse light alike
 */
export function sunAbsorbedWPerM2(
  elevationDeg: number,
  cloudShare: number,
  skyShare: number,
  ground: keyof typeof ALBEDO,
): number {
  const global = clearSkyWPerM2(elevationDeg) * (1 - CLOUD_DIMS * cloudShare ** CLOUD_EXPONENT);
  if (global <= 0) return 0;
  const diffuseShare = CLEAR_DIFFUSE_SHARE + (1 - CLEAR_DIFFUSE_SHARE) * cloudShare ** 2;
  const beam = Math.min(MOST_BEAM_WPERM2, (global * (1 - diffuseShare)) / Math.sin(elevationDeg * DEGREES_TO_RADIANS));
  const fromSky = projectedAreaShare(elevationDeg) * beam + 0.5 * global * diffuseShare;
  const fromGround = 0.5 * ALBEDO[ground] * global;
  return ABSORPTIVITY * skyShare * (fromSky + fromGround);
}
