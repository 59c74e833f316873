import { SEGMENT_COUNT } from "../body";
import { DIGIT_COUNT } from "../digits";

/** What of the heat of packs and heated clothes reaches the body; the rest goes outwards. */
export type BroughtHeat = {
  /** Into the skin of each segment, W. */
  readonly skinW: Float64Array;
  /** Into each digit, W per m² of its skin, by the order of DIGITS. */
  readonly digitsWPerM2: Float64Array;
};

export const createBroughtHeat = (): BroughtHeat => ({
  skinW: new Float64Array(SEGMENT_COUNT),
  digitsWPerM2: new Float64Array(DIGIT_COUNT),
});
