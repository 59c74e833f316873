import type { CoreAndSkin } from "../core-and-skin";
import { SEGMENT_COUNT } from "../segments";
import { SKIN_RECEPTOR_SHARE, STANDARD_SKIN_AREA_M2 } from "../tables";

/** Deviations from the set points, K, and what the receptors make of them. */
export type ErrorSignals = {
  readonly coreK: Float64Array;
  readonly skinK: Float64Array;
  /** Over the standard body's skin. */
  meanSkinK: number;
  warm: number;
  cold: number;
};

const STANDARD_SURFACE_M2 = STANDARD_SKIN_AREA_M2.reduce((total, area) => total + area, 0);
const AREA_SHARE = Float64Array.from(STANDARD_SKIN_AREA_M2, (area) => area / STANDARD_SURFACE_M2);

export const createErrorSignals = (): ErrorSignals => ({
  coreK: new Float64Array(SEGMENT_COUNT),
  skinK: new Float64Array(SEGMENT_COUNT),
  meanSkinK: 0,
  warm: 0,
  cold: 0,
});

/**
 * Reads the errors against the set points and weighs the skin's into the warm and the cold signal (WRMS and CLDS).
 * @source JOS-3, Takahashi et al. 2021
 */
export function readErrors(errors: ErrorSignals, now: CoreAndSkin, setPoints: CoreAndSkin): void {
  const { coreK, skinK } = errors;
  let warm = 0;
  let cold = 0;
  let mean = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const error = now.skinC[segment]! - setPoints.skinC[segment]!;
    const weighted = SKIN_RECEPTOR_SHARE[segment]! * error;
    coreK[segment] = now.coreC[segment]! - setPoints.coreC[segment]!;
    skinK[segment] = error;
    warm += Math.max(weighted, 0);
    cold -= Math.min(weighted, 0);
    mean += AREA_SHARE[segment]! * error;
  }
  errors.warm = warm;
  errors.cold = cold;
  errors.meanSkinK = mean;
}
