import { assertInRange, type Range } from "../errors";

/** Ground walked over, and what it multiplies of the effort above standing. @source Pandolf, Givoni & Goldman 1977 (from memory) */
export const TERRAIN_FACTOR = {
  road: 1,
  dirt: 1.1,
  lightBrush: 1.2,
  heavyBrush: 1.5,
  swamp: 1.8,
} as const;
export type Terrain = keyof typeof TERRAIN_FACTOR;

/** Snow: the factor at no depth, and what each cm of sinking adds. @source Pandolf, Haisman & Goldman 1976 (from memory) */
export const SNOW_FACTOR = 1.3;
export const SNOW_FACTOR_PER_CM = 0.082;
/** Share of the sinking that snowshoes leave (assumption). */
export const SNOWSHOE_SINKING_SHARE = 0.35;

export const WALK_RANGE = {
  speedMPerS: [0, 2],
  slopePercent: [-30, 40],
  loadKg: [0, 80],
  snowSinkingCm: [0, 60],
} as const satisfies Record<string, Range>;

/** How a person walks. */
export type Walk = {
  readonly speedMPerS: number;
  /** Climb over distance, %; negative downhill. */
  readonly slopePercent: number;
  readonly loadKg: number;
  readonly terrain: Terrain;
  /** How deep a boot sinks in, cm; 0 without snow. */
  readonly snowSinkingCm: number;
  readonly snowshoes: boolean;
};

// Coefficients of Looney et al. 2019, W/kg with speed in m/s and slope in %, as the description of the model prints them.
const STANDING_W_PER_KG = 1.44;
const GRAVITY_M_PER_S2 = 9.81;

/**
 * Metabolic rate of walking on firm ground, W per kg of body and load.
 * @param speedMPerS 0…2
 * @source Looney et al. 2019, Med Sci Sports Exerc 51 (level), Looney et al. 2019 (slope); from memory of the papers
 * @example levelWalkWPerKg(1.25, 0) // ≈ 4.16
 */
export function walkOnFirmGroundWPerKg(speedMPerS: number, slopePercent: number): number {
  const level = STANDING_W_PER_KG + 1.94 * speedMPerS ** 0.43 + 0.24 * speedMPerS ** 4;
  const slope = 0.34 * speedMPerS * slopePercent * (1 - 1.05 ** (1 - 1.1 ** (slopePercent + 32)));
  return speedMPerS === 0 ? STANDING_W_PER_KG : level + slope;
}

/** What terrain and snow multiply of the effort above standing. */
export function terrainFactor({
  terrain,
  snowSinkingCm,
  snowshoes,
}: Omit<Walk, "speedMPerS" | "slopePercent" | "loadKg">): number {
  if (snowSinkingCm === 0) return TERRAIN_FACTOR[terrain];
  const sinkingCm = snowSinkingCm * (snowshoes ? SNOWSHOE_SINKING_SHARE : 1);
  return Math.max(TERRAIN_FACTOR[terrain], SNOW_FACTOR + SNOW_FACTOR_PER_CM * sinkingCm);
}

/**
 * Heat made by a walk, W: metabolic rate less what lifts body and load.
 * @param massKg body mass
 * @throws {CoreError} `out-of-range` when the walk leaves WALK_RANGE
 * @source as its parts; terrain and snow scale what lies above standing
 */
export function walkingHeatW(walk: Walk, massKg: number): number {
  assertInRange("speedMPerS", walk.speedMPerS, WALK_RANGE.speedMPerS);
  assertInRange("slopePercent", walk.slopePercent, WALK_RANGE.slopePercent);
  assertInRange("loadKg", walk.loadKg, WALK_RANGE.loadKg);
  assertInRange("snowSinkingCm", walk.snowSinkingCm, WALK_RANGE.snowSinkingCm);
  const carriedKg = massKg + walk.loadKg;
  const firm = walkOnFirmGroundWPerKg(walk.speedMPerS, walk.slopePercent);
  const metabolicW = carriedKg * (STANDING_W_PER_KG + terrainFactor(walk) * (firm - STANDING_W_PER_KG));
  const liftedW = carriedKg * GRAVITY_M_PER_S2 * walk.speedMPerS * (walk.slopePercent / 100);
  return metabolicW - liftedW;
}
