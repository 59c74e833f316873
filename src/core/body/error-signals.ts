import { SEGMENT_COUNT } from "./segments";
import { SKIN_RECEPTOR_SHARE } from "./tables";

/** Deviations from the set points, K, and what the skin receptors make of them. */
export type ErrorSignals = {
  readonly coreK: Float64Array;
  readonly skinK: Float64Array;
  warm: number;
  cold: number;
};

export const createErrorSignals = (): ErrorSignals => ({
  coreK: new Float64Array(SEGMENT_COUNT),
  skinK: new Float64Array(SEGMENT_COUNT),
  warm: 0,
  cold: 0,
});

/** Weighs the skin errors into the warm and the cold signal (WRMS and CLDS). @source JOS-3, Takahashi et al. 2021 */
export function weighReceptors(errors: ErrorSignals): void {
  errors.warm = 0;
  errors.cold = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const weighted = SKIN_RECEPTOR_SHARE[segment]! * errors.skinK[segment]!;
    if (weighted > 0) errors.warm += weighted;
    else errors.cold -= weighted;
  }
}
