import { clamp, exponential } from "../numeric";

// Coefficients of ISO 11079:2007, annex: f(v, w, p) = 0.54·e^(−0.15v − 0.22w)·p^0.075 − 0.06·ln p + 0.5
const STIRRING_FACTOR = 0.54;
const PER_WIND_S_PER_M = 0.15;
const PER_WALK_S_PER_M = 0.22;
const PERMEABILITY_EXPONENT = 0.075;
const PERMEABILITY_LOG_FACTOR = 0.06;
const CONSTANT = 0.5;
const AIR_LAYER_M2K_PER_W = 0.092;
const AIR_LAYER_OFFSET_M2K_PER_W = 0.0045;

/** Relative wind and walking speed are held to what the standard was measured for. */
export const WIND_OF_STANDARD_M_PER_S = [0.4, 18] as const;
export const WALK_OF_STANDARD_MOST_M_PER_S = 1.2;
/** Permeability from windproof to open mesh; the standard ends earlier, so high values extend it (see docs/method.md). */
export const PERMEABILITY_RANGE_L_PER_M2S = [1, 1000] as const;

/** What of the wind factor depends on the cloth alone; computed once per layer. */
export type ClothPermeability = { readonly power: number; readonly logarithm: number };

export function clothPermeability(airPermeabilityLPerM2S: number): ClothPermeability {
  const permeability = clamp(airPermeabilityLPerM2S, ...PERMEABILITY_RANGE_L_PER_M2S);
  return { power: permeability ** PERMEABILITY_EXPONENT, logarithm: Math.log(permeability) };
}

/** How much wind and walking stir the air in and around clothing: e^(−0.15v − 0.22w). */
export function stirring(windMPerS: number, walkMPerS: number): number {
  const wind = clamp(windMPerS, ...WIND_OF_STANDARD_M_PER_S);
  const walk = clamp(walkMPerS, 0, WALK_OF_STANDARD_MOST_M_PER_S);
  return exponential(-PER_WIND_S_PER_M * wind - PER_WALK_S_PER_M * walk);
}

/**
 * Correction of the standard for a whole outfit; it passes 1 by a fifth of a per cent in still air under a tight shell.
 * @source ISO 11079:2007, annex
 */
export const standardWindFactor = (stirred: number, cloth: ClothPermeability): number =>
  STIRRING_FACTOR * stirred * cloth.power - PERMEABILITY_LOG_FACTOR * cloth.logarithm + CONSTANT;

/** Share of a layer's resistance left in wind and walking: the standard's correction, never above all. */
export const windFactor = (stirred: number, cloth: ClothPermeability): number =>
  Math.min(1, standardWindFactor(stirred, cloth));

/** Resistance of the stirred outer air layer, m²·K/W. @source ISO 11079:2007, annex */
export const stirredAirLayer = (stirred: number): number => AIR_LAYER_M2K_PER_W * stirred - AIR_LAYER_OFFSET_M2K_PER_W;

/** Static air layer of the standard, m²·K/W. @source ISO 11079:2007 */
export const STATIC_AIR_LAYER_M2K_PER_W = 0.085;
