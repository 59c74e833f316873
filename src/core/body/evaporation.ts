import { powerOfTwo } from "../numeric";
import type { ErrorSignals } from "./error-signals";
import { SEGMENT_COUNT } from "./segments";
import { SWEAT_AGE_FACTOR_FROM_60, SWEAT_SHARE } from "./tables";

const HEAD_CORE_GAIN_W_PER_K = 371.2;
const SKIN_GAIN_W_PER_K = 33.64;
const DIFFUSION_WETTEDNESS = 0.06;
const AGE_OF_DECREMENT_YEARS = 60;
const SWEAT_DOUBLING_K = 10;

/** Vapour leaving the skin, per segment. */
export type SkinVapour = {
  /** Heat taken by evaporation, W. */
  readonly heatW: Float64Array;
  /** Sweat's share of wetted skin with diffusion, 0…1. */
  readonly wettedness: Float64Array;
  /** Heat by which JOS-3 counts the mass that leaves the skin, W: evaporated sweat, and diffusion as if all skin were dry. */
  massCountedW: number;
};

export const createSkinVapour = (): SkinVapour => ({
  heatW: new Float64Array(SEGMENT_COUNT),
  wettedness: new Float64Array(SEGMENT_COUNT),
  massCountedW: 0,
});

/**
 * Sweating and diffusion through the skin, written into `out`.
 * @param greatestW greatest evaporative heat per segment, W: (p_skin − p_air)/R_e·A
 * @source JOS-3, Takahashi et al. 2021
 */
export function evaporation(
  out: SkinVapour,
  errors: ErrorSignals,
  greatestW: Float64Array,
  surfaceRatio: number,
  ageYears: number,
): void {
  const signalW =
    Math.max(0, HEAD_CORE_GAIN_W_PER_K * errors.coreK[0]! + SKIN_GAIN_W_PER_K * (errors.warm - errors.cold)) *
    surfaceRatio;
  const aged = ageYears >= AGE_OF_DECREMENT_YEARS;
  out.massCountedW = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const sweatW =
      signalW === 0
        ? 0
        : SWEAT_SHARE[segment]! *
          signalW *
          (aged ? SWEAT_AGE_FACTOR_FROM_60[segment]! : 1) *
          powerOfTwo(errors.skinK[segment]! / SWEAT_DOUBLING_K);
    const greatest = greatestW[segment]!;
    const wettedness = Math.min(1, DIFFUSION_WETTEDNESS + (1 - DIFFUSION_WETTEDNESS) * (sweatW / greatest));
    out.wettedness[segment] = wettedness;
    out.heatW[segment] = wettedness * greatest;
    const evaporatedSweat = (wettedness - DIFFUSION_WETTEDNESS) / (1 - DIFFUSION_WETTEDNESS);
    out.massCountedW += (evaporatedSweat + DIFFUSION_WETTEDNESS) * greatest;
  }
}
